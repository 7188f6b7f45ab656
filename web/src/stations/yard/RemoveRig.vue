<script setup lang="ts">
import { Trash2 } from '@lucide/vue';
import { useI18n } from 'vue-i18n';

/** Takes a rig out of the yard, once it was asked again. */
defineProps<{ name: string }>();
const emit = defineEmits<{ remove: [] }>();
const { t } = useI18n();
</script>

<template>
  <el-popconfirm
    :persistent="false"
    :title="t('app.yard.removeAsk')"
    :confirm-button-text="t('app.yard.remove')"
    :cancel-button-text="t('app.cancel')"
    width="240"
    @confirm="emit('remove')"
  >
    <template #reference>
      <button type="button" class="icon-button remove" :aria-label="t('app.yard.removeNamed', { name })">
        <Trash2 :size="17" />
      </button>
    </template>
  </el-popconfirm>
</template>

<style scoped>
.remove {
  position: absolute;
  top: 6px;
  right: 6px;
}
</style>
