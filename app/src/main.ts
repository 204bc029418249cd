import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import { mount } from 'svelte';
import App from './App.svelte';
import './app.css';

// The shell and what was read last are there without the server too. Its hundred files are fetched when the first view stands.
const firstViewMs = 2000;
const registerWorker = () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
if ('serviceWorker' in navigator && import.meta.env.PROD)
  addEventListener('load', () => setTimeout(registerWorker, firstViewMs));

mount(App, { target: document.getElementById('app')! });
