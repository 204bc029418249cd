import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import { mount } from 'svelte';
import App from './App.svelte';
import './app.css';

// The shell and what was read last are there without the server too. Its hundred files are fetched when the first view stands.
const untilViewStands = 2000;
const keepShell = () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
if ('serviceWorker' in navigator && import.meta.env.PROD)
  addEventListener('load', () => setTimeout(keepShell, untilViewStands));

mount(App, { target: document.getElementById('app')! });
