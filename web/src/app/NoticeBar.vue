<script setup lang="ts">
import { faultMessage, fileProblemMessages } from '@wagonomos/core/files';
import { useRegisterSW } from 'virtual:pwa-register/vue';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { downloadText, fileNameFrom } from '../storage/download.ts';
import { writtenDay } from '@wagonomos/papers/words';
import MessageText from '../words/MessageText.vue';
import { useKeeping } from '../stores/keeping.ts';
import { useStale } from '../stores/stale.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** Things to know before going on: who writes, what could not be read, what is not kept, what has changed on the server. */
const { t } = useI18n();
const workspace = useWorkspace();
const keeping = useKeeping();
const stale = useStale();
const { needRefresh, updateServiceWorker } = useRegisterSW();

const unread = computed(() => {
  const found = workspace.opening;
  return found?.kind === 'damaged' || found?.kind === 'newer' ? found : null;
});
const wiped = computed(() => (workspace.opening?.kind === 'wiped' ? workspace.opening.mark : null));
const blocked = computed(() => workspace.opening?.kind === 'blocked');
/** Fetched where the file in a folder may be the best copy: what opens files is no part of a first screen. */
const FolderRests = defineAsyncComponent(() => import('../files/FolderRests.vue'));
const asksFolder = computed(() => 'showDirectoryPicker' in window && (workspace.folderAhead || blocked.value));
/** Notices the owner has read. */
const closed = ref<readonly string[]>([]);
const close = (name: string) => {
  closed.value = [...closed.value, name];
};
const takeAlong = () => {
  if (!unread.value) return;
  downloadText('kept-as-it-was.wagonomos.json', unread.value.text);
};
const saveFile = () => {
  if (!workspace.document) return;
  downloadText(fileNameFrom(workspace.document.name), workspace.text());
  keeping.fileSaved();
};
const reload = () => location.reload();
</script>

<template>
  <div class="notices no-print">
    <div v-if="workspace.writes === false" class="notice" role="status" data-test="follower">
      <p>{{ t(workspace.takeOverRefused ? 'app.tabs.refused' : 'app.tabs.follows') }}</p>
      <el-button size="small" @click="workspace.takeOver()">{{ t('app.tabs.takeOver') }}</el-button>
    </div>
    <div
      v-if="workspace.writes && !workspace.guarded && !blocked && !closed.includes('tabs')"
      class="notice"
      role="status"
      data-test="unguarded"
    >
      <p>{{ t('app.tabs.unguarded') }}</p>
      <el-button size="small" @click="close('tabs')">{{ t('app.notice.understood') }}</el-button>
    </div>
    <div v-if="workspace.overtaken" class="notice bad" role="alert" data-test="overtaken">
      <p>{{ t('app.tabs.overtaken') }}</p>
      <el-button size="small" @click="workspace.dismissOvertaken()">{{ t('app.notice.understood') }}</el-button>
    </div>
    <div v-if="stale.stale" class="notice" role="alert" data-test="stale">
      <p>{{ t('app.update.stale') }}</p>
      <el-button size="small" @click="reload">{{ t('app.fault.reload') }}</el-button>
    </div>
    <div v-if="needRefresh" class="notice" role="status">
      <p>{{ t('app.update.waits') }}</p>
      <el-button size="small" @click="updateServiceWorker()">{{ t('app.update.now') }}</el-button>
    </div>
    <div v-if="wiped && !closed.includes('wiped')" class="notice bad" role="alert" data-test="wiped">
      <p>{{ t('app.wiped', { day: writtenDay(wiped.day), count: wiped.rigs }, wiped.rigs) }}</p>
      <el-button size="small" @click="close('wiped')">{{ t('app.notice.understood') }}</el-button>
    </div>
    <div v-if="blocked" class="notice bad" role="alert" data-test="blocked">
      <p>{{ t(workspace.edits > 0 ? 'app.blocked.working' : 'app.blocked.looking') }}</p>
      <el-button size="small" @click="workspace.tryAgain()">{{ t('app.blocked.again') }}</el-button>
      <el-button v-if="workspace.edits > 0" size="small" @click="saveFile">{{ t('app.papers.saveAll') }}</el-button>
    </div>
    <div v-else-if="workspace.saveFailed" class="notice bad" role="alert" data-test="save-failed">
      <p>{{ t('app.saveFailedText') }}</p>
      <el-button size="small" @click="saveFile">{{ t('app.papers.saveAll') }}</el-button>
    </div>
    <div v-if="unread && !closed.includes('unread')" class="notice bad" role="alert" data-test="unread">
      <div>
        <p>
          <b>{{ t(`app.unread.${unread.kind}`) }}</b>
          {{ t(unread.workspace ? 'app.unread.partly' : 'app.unread.nothing') }}
        </p>
        <ul v-if="unread.setAside.length > 0 && unread.kind === 'damaged'">
          <li v-for="(fault, index) in unread.setAside.slice(0, 3)" :key="index">
            <MessageText :message="faultMessage(fault)" />
          </li>
          <li v-if="unread.count > 3">{{ t('app.unread.more', { count: unread.count - 3 }) }}</li>
        </ul>
        <p v-else>
          <MessageText v-for="(line, index) in fileProblemMessages(unread.problem)" :key="index" :message="line" />
        </p>
        <p v-if="workspace.keeps">{{ t('app.unread.copied') }}</p>
        <p v-else>{{ t('app.unread.notSaved') }}</p>
        <div class="ways">
          <el-button size="small" @click="takeAlong">{{ t('app.unread.take') }}</el-button>
          <el-button v-if="unread.kind === 'newer'" size="small" @click="reload">{{ t('app.fault.reload') }}</el-button>
          <el-button v-if="!workspace.keeps" size="small" @click="workspace.release()">
            {{ t(unread.copied ? 'app.unread.goOn' : 'app.unread.goOnWithout') }}
          </el-button>
          <el-button v-else size="small" @click="close('unread')">{{ t('app.notice.understood') }}</el-button>
        </div>
      </div>
    </div>
    <FolderRests v-if="asksFolder" />
    <div v-if="keeping.reminds" class="notice" role="status" data-test="reminder">
      <p>{{ t('app.keeping.reminder', { count: keeping.edits }) }}</p>
      <el-button size="small" @click="saveFile">{{ t('app.papers.saveAll') }}</el-button>
      <el-button size="small" @click="keeping.waveOff()">{{ t('app.keeping.later') }}</el-button>
    </div>
  </div>
</template>

<style scoped>
.notice {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  padding: 7px 18px;
  border-bottom: 1px solid var(--line);
  border-left: 6px solid var(--pen);
  background: var(--sheet);
}
.notice.bad {
  border-left-color: var(--over);
}
.notice :deep(.el-button + .el-button) {
  margin-left: 0;
}
p {
  margin: 0;
  overflow-wrap: anywhere;
}
ul {
  margin: 4px 0;
  padding-left: 20px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 6px;
}
</style>
