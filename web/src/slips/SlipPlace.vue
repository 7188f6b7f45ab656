<script setup lang="ts">
import type { changeTicket } from '@wagonomos/core/edits';
import type { Ticket } from '@wagonomos/core/weighing';
import { useI18n } from 'vue-i18n';
import PhotoStrip from './PhotoStrip.vue';
import QuantityField from '../fields/QuantityField.vue';
import TextLine from '../fields/TextLine.vue';

/** Where a slip comes from: place, hour, which scale and how good it is, pictures and a note. Folded until somebody wants it. */
defineProps<{ ticket: Ticket }>();
const emit = defineEmits<{ change: [patch: Parameters<typeof changeTicket>[2]] }>();
const { t } = useI18n();
const fields = ['place', 'scale', 'certificate'] as const;
</script>

<template>
  <details class="where" data-test="slip-where">
    <summary>{{ t('app.slip.where') }}</summary>
    <div class="fields">
      <TextLine
        v-for="name in fields"
        :key="name"
        :label="t(`app.slip.${name}`)"
        :value="ticket[name]"
        :most="80"
        @change="(value) => emit('change', { [name]: value })"
      />
      <label>
        {{ t('app.slip.time') }}
        <el-time-picker
          :model-value="ticket.time ?? ''"
          value-format="HH:mm"
          format="HH:mm"
          :aria-label="t('app.slip.time')"
          @update:model-value="(time: string | null) => emit('change', { time: time ?? undefined })"
        />
      </label>
      <QuantityField
        :label="t('app.slip.scaleError')"
        field="plusMinus"
        :value="ticket.scaleError"
        @change="(scaleError) => emit('change', { scaleError })"
      />
    </div>
    <TextLine
      :label="t('app.slip.note')"
      :value="ticket.note"
      :most="2000"
      :rows="2"
      @change="(note) => emit('change', { note })"
    />
    <PhotoStrip
      class="photos"
      :hashes="ticket.photos ?? []"
      :name="ticket.name"
      :most="40"
      @change="(photos) => emit('change', { photos: photos.length > 0 ? photos : undefined })"
    />
  </details>
</template>

<style scoped>
.where {
  margin-top: 6px;
}
summary {
  color: var(--soft);
  cursor: pointer;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px 12px;
  margin: 6px 0;
}
.fields :deep(.el-date-editor) {
  width: 100%;
}
label {
  display: block;
  color: var(--soft);
  font-size: 13.5px;
}
.photos {
  margin-top: 8px;
}
</style>
