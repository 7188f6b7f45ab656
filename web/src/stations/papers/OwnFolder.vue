<script setup lang="ts">
import { FolderSync } from '@lucide/vue';
import { useI18n } from 'vue-i18n';
import FolderRests from '../../files/FolderRests.vue';
import { writtenMoment } from '@wagonomos/papers/words';
import { localStore } from '../../storage/localStore.ts';
import { useFolder } from '../../stores/folder.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** A folder of the owner's in which the file is kept up to date, where the browser can do that. */
const { t } = useI18n();
const workspace = useWorkspace();
const folder = useFolder();
void folder.start(localStore);
</script>

<template>
  <section data-test="own-folder">
    <h2>{{ t('paper.folder.title') }}</h2>
    <p v-if="!folder.can" class="soft">{{ t('paper.folder.cannot') }}</p>
    <template v-else>
      <p class="soft">{{ t('paper.folder.text') }}</p>
      <p v-if="folder.state === 'ready'" role="status">
        {{ t('paper.folder.ready', { name: folder.name }) }}
        <template v-if="folder.savedAt">
          {{ t('paper.folder.savedAt', { when: writtenMoment(folder.savedAt) }) }}
        </template>
        <template v-if="folder.pending">{{ t('paper.folder.pending') }}</template>
      </p>
      <FolderRests />
      <p v-if="folder.putBy" role="status">{{ t('paper.folder.putBy', { file: folder.putBy }) }}</p>
      <p v-if="folder.state === 'asks' || folder.state === 'failed'" role="alert">
        {{ t(`paper.folder.${folder.state}`, { name: folder.name }) }}
      </p>
      <div class="desk-ways">
        <el-button v-if="folder.state === 'asks'" type="primary" @click="folder.allow">
          {{ t('paper.folder.allow') }}
        </el-button>
        <el-button :disabled="workspace.follows" @click="folder.choose">
          <FolderSync :size="16" />{{ t(folder.state === 'none' ? 'paper.folder.choose' : 'paper.folder.other') }}
        </el-button>
        <el-button v-if="folder.state !== 'none'" @click="folder.forget">{{ t('paper.folder.forget') }}</el-button>
      </div>
    </template>
  </section>
</template>
