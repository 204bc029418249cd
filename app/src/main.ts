import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import { mount } from 'svelte';
import App from './App.svelte';
import './app.css';

// The shell and what was read last are there without the server too.
if ('serviceWorker' in navigator && import.meta.env.PROD)
  addEventListener('load', () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined));

mount(App, { target: document.getElementById('app')! });
