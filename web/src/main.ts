import '@fontsource/barlow/latin-400.css';
import '@fontsource/barlow/latin-600.css';
import '@fontsource/barlow/latin-ext-400.css';
import '@fontsource/barlow/latin-ext-600.css';
import '@fontsource/barlow-condensed/latin-400.css';
import '@fontsource/barlow-condensed/latin-600.css';
import '@fontsource/barlow-condensed/latin-700.css';
import '@fontsource/barlow-condensed/latin-ext-600.css';
import './app/theme.css';
// First, since the browser opens the store meanwhile.
import './storage/localStore.ts';
import './app/trustedTypes.ts';
import './app/withoutEval.ts';
import { createPinia } from 'pinia';
import { createApp, watch } from 'vue';
import App from './app/App.vue';
import { i18n } from './words/i18n.ts';
import { router } from './app/router.ts';
import { keepSafe } from './app/keepSafe.ts';
import { useFaults } from './stores/faults.ts';
import { useStale } from './stores/stale.ts';
import { useWorkspace } from './stores/workspace.ts';
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
// Until the yard can be shown the page says by itself that it is opening: drawn once, it stands sooner. What holds the yard up for
// long may be something to be said, and that only the app can say.
const longest = setTimeout(mount, 400);
const stop = watch(() => useWorkspace().document !== null, mount);
function mount() {
  clearTimeout(longest);
  stop();
  app.mount('#app');
}
