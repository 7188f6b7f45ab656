import '@fontsource/barlow/latin-400.css';
import '@fontsource/barlow/latin-600.css';
import '@fontsource/barlow/latin-ext-400.css';
import '@fontsource/barlow/latin-ext-600.css';
import '@fontsource/barlow-condensed/latin-400.css';
import '@fontsource/barlow-condensed/latin-600.css';
import '@fontsource/barlow-condensed/latin-700.css';
import '@fontsource/barlow-condensed/latin-ext-600.css';
import './app/theme.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './app/App.vue';
import { i18n } from './app/i18n.ts';
import { router } from './app/router.ts';
import { localStore } from './storage/localStore.ts';
import { collectPhotos } from './storage/photos.ts';
import { openTabs } from './storage/tabs.ts';
import { useFaults } from './stores/faults.ts';
import { useSettings } from './stores/settings.ts';
import { useWorkspace } from './stores/workspace.ts';

const app = createApp(App);
app.use(createPinia());
app.use(i18n);

const faults = useFaults();
app.config.errorHandler = (error) => faults.report(error);

void useSettings().load(localStore);
const workspace = useWorkspace();
void workspace.start({ store: localStore, tabs: openTabs() }).then(() => {
  // A damaged document may still refer to pictures nobody can see from here.
  if (!workspace.damaged && !workspace.saveFailed) void collectPhotos(workspace.photos());
});
app.use(router);
app.mount('#app');
