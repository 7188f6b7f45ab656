<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { packRig } from '@wagonomos/core/files';
import { Copy, QrCode, Share2 } from '@lucide/vue';
import QR from 'qrcode';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useWorkspace } from '../../stores/workspace.ts';
import './desk.css';
import FilesOut from './FilesOut.vue';

/** A rig for another device or another person: a link, a code to be scanned, or the file. Nothing of it goes over a server. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();

const rigId = computed(() => props.view.rig.id);
const link = computed(() => workspace.document && packRig(workspace.document, rigId.value, 'link'));
const address = computed(() => (link.value ? `${location.origin}/take#${link.value.text}` : ''));
const copied = ref<'yes' | 'no' | null>(null);
watch(address, () => (copied.value = null));
const copy = async () => {
  copied.value = await navigator.clipboard.writeText(address.value).then(
    () => 'yes' as const,
    () => 'no' as const,
  );
};
const shares = 'share' in navigator;
const share = () => navigator.share({ title: props.view.rig.name, url: address.value }).catch(() => undefined);

/** A code is drawn when it is asked for. Capitals make it coarser, and so easier to read. */
const shown = ref(false);
const code = computed(() =>
  shown.value && workspace.document ? packRig(workspace.document, rigId.value, 'code') : null,
);
const picture = ref('');
/** px: so many of the screen's own dots to each square as there is room for, and whole ones, or a camera sees stripes. */
const wide = ref(0);
const margin = 4;
const room = () => Math.min(window.innerWidth * 0.96 - 26, window.innerHeight - 150);
watch(code, async (made) => {
  picture.value = '';
  if (!made) return;
  const text = `${`${location.origin}/take`.toUpperCase()}#${made.text}`;
  const wish = { errorCorrectionLevel: 'L', margin } as const;
  const squares = QR.create(text, wish).modules.size + 2 * margin;
  const dots = Math.max(1, Math.floor((room() * window.devicePixelRatio) / squares));
  wide.value = (squares * dots) / window.devicePixelRatio;
  picture.value = `data:image/svg+xml,${encodeURIComponent(await QR.toString(text, { ...wish, type: 'svg' }))}`;
});
</script>

<template>
  <div class="desk-sheet">
    <section>
      <p class="desk-says">{{ t('paper.hand.says') }}</p>
      <h2>{{ t('paper.hand.link') }}</h2>
      <template v-if="link">
        <p class="soft">
          {{ t('paper.hand.linkText', { signs: address.length }) }}
          <template v-if="link.leftOut === 'history'">{{ t('paper.hand.noHistory') }}</template>
        </p>
        <div class="desk-ways">
          <el-button type="primary" @click="copy"><Copy :size="16" />{{ t('paper.hand.copy') }}</el-button>
          <el-button v-if="shares" @click="share"><Share2 :size="16" />{{ t('paper.desk.share') }}</el-button>
        </div>
        <p v-if="copied === 'yes'" role="status">{{ t('paper.hand.copied') }}</p>
        <template v-if="copied === 'no'">
          <p role="alert">{{ t('paper.hand.copyYourself') }}</p>
          <textarea class="address" readonly :value="address" :aria-label="t('paper.hand.link')" rows="3" />
        </template>
      </template>
      <p v-else role="alert">{{ t('paper.hand.tooLarge') }}</p>
      <h2>{{ t('paper.hand.code') }}</h2>
      <p class="soft">{{ t('paper.hand.codeText') }}</p>
      <el-button @click="shown = true"><QrCode :size="16" />{{ t('paper.hand.show') }}</el-button>
      <el-dialog
        v-model="shown"
        :title="view.rig.name"
        width="min(96vw, 760px)"
        top="12px"
        append-to-body
        class="code-dialog"
      >
        <template v-if="code">
          <img
            v-if="picture"
            :src="picture"
            :width="wide"
            :height="wide"
            class="code"
            :alt="t('paper.hand.codeOf', { rig: view.rig.name })"
            data-test="code"
          />
          <p class="soft">
            {{ t('paper.hand.codeText') }}
            <template v-if="code.leftOut === 'history'">{{ t('paper.hand.noHistory') }}</template>
          </p>
        </template>
        <p v-else role="alert">{{ t('paper.hand.codeTooLarge') }}</p>
      </el-dialog>
      <p class="soft">
        <router-link :to="{ name: 'take' }">{{ t('paper.hand.toTake') }}</router-link>
      </p>
    </section>
    <section><FilesOut :view="view" /></section>
  </div>
</template>

<style scoped>
h2 {
  margin-top: 16px;
}
.address {
  width: 100%;
  font: 13px monospace;
}
</style>

<style>
/* The dialog stands at the end of the page. White around the code whatever the theme: a camera looks for it. */
.code-dialog .code {
  display: block;
  margin: 0 auto;
  background: white;
}
.code-dialog.el-dialog {
  margin-bottom: 0;
  padding: 10px 12px;
}
</style>
