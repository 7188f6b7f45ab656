import '@fontsource/barlow/latin-400.css';
import '@fontsource/barlow/latin-600.css';
import '@fontsource/barlow/latin-ext-400.css';
import '@fontsource/barlow/latin-ext-600.css';
import '@fontsource/barlow-condensed/latin-400.css';
import '@fontsource/barlow-condensed/latin-600.css';
import '@fontsource/barlow-condensed/latin-700.css';
import '@fontsource/barlow-condensed/latin-ext-600.css';
import './app/theme.css';
import './app/withoutEval.ts';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './app/App.vue';
import { i18n } from './app/i18n.ts';
import { router } from './app/router.ts';
import { keepSafe } from './app/keepSafe.ts';
import { useFaults } from './stores/faults.ts';
import { useStale } from './stores/stale.ts';
import { onWorkerLost } from './workers/remote.ts';

const app = createApp(App);
app.use(createPinia());
app.use(i18n);

const faults = useFaults();
const stale = useStale();
/** Parts of the app that did not come: said before whoever asked for one fails for want of it. */
const notLoaded = new WeakSet<object>();
window.addEventListener('vite:preloadError', ({ payload }) => {
  notLoaded.add(payload);
  stale.tell();
});
const report = (error: unknown) => {
  // A page that is not on the server any more: its link would seem to do nothing, and nothing is broken here.
  if (typeof error === 'object' && error !== null && notLoaded.has(error)) return;
  faults.report(error);
};
app.config.errorHandler = report;
router.onError(report);
onWorkerLost(stale.tell);

void keepSafe();
app.use(router);
app.mount('#app');
