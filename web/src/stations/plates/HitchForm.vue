<script setup lang="ts">
import type { Hitch, RigView } from '@wagonomos/core';
import { setHitch } from '@wagonomos/core/edits';
import { hitchMoment } from '@wagonomos/core/limits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import MessageText from '../../words/MessageText.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** What stands between vehicle and trailer: an extension, a distribution hitch, room to turn. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const rig = useRig();
const workspace = useWorkspace();
const hitch = computed<Hitch>(() => props.view.rig.hitch ?? {});
const moment = computed(() => rig.assessment && hitchMoment(rig.assessment.loads));

const change = (patch: Partial<Hitch>, merge?: string) =>
  workspace.edit('app.edit.hitch', (document) => setHitch(document, props.view.rig.id, patch), merge);
const settings = ['off', 'half', 'full', 'couple'] as const;
const setting = computed<(typeof settings)[number]>(() => {
  const { distribution } = hitch.value;
  if (!distribution) return 'off';
  if (distribution.kind === 'couple') return 'couple';
  return distribution.fraction === 0.5 ? 'half' : 'full';
});
const distribute = (how: (typeof settings)[number]) => {
  const set: Record<typeof how, Hitch['distribution']> = {
    off: undefined,
    half: { kind: 'fraction', fraction: 0.5 },
    full: { kind: 'fraction', fraction: 1 },
    couple: { kind: 'couple', coupleNm: 1000 },
  };
  change({ distribution: set[how] });
};
const couple = computed(() =>
  hitch.value.distribution?.kind === 'couple' ? hitch.value.distribution.coupleNm : undefined,
);
const lengths = ['ballMount', 'extension', 'turningClearance'] as const;
const answers = ['unknown', 'yes', 'no'] as const;
</script>

<template>
  <section class="hitch" :aria-label="t('app.hitch.title')">
    <h2>{{ t('app.hitch.title') }}</h2>
    <div class="fields">
      <QuantityField
        v-for="name in lengths"
        :key="name"
        :label="t(`app.hitch.${name}`)"
        field="length"
        :value="hitch[name]"
        @change="(value) => change({ [name]: value }, `hitch ${name}`)"
      />
      <ChoiceField
        :label="t('app.hitch.distribution')"
        :value="setting"
        :options="settings.map((value) => ({ value, label: t(`app.hitch.setting.${value}`) }))"
        @change="distribute"
      />
      <QuantityField
        v-if="couple !== undefined"
        :label="t('app.hitch.couple')"
        field="couple"
        :value="couple"
        @change="
          (coupleNm) => coupleNm !== undefined && change({ distribution: { kind: 'couple', coupleNm } }, 'couple')
        "
      />
      <ChoiceField
        v-if="hitch.distribution"
        :label="t('app.hitch.allowed')"
        :value="hitch.distributionAllowed ?? 'unknown'"
        :options="answers.map((value) => ({ value, label: t(`app.hitch.answer.${value}`) }))"
        @change="(distributionAllowed) => change({ distributionAllowed })"
      />
    </div>
    <p v-if="moment" class="soft" data-test="hitch-moment"><MessageText :message="moment" /></p>
    <p v-if="hitch.distribution" class="soft">{{ t('app.hitch.raisesNothing') }}</p>
    <p v-if="hitch.extension" class="soft">{{ t('app.hitch.askClearance') }}</p>
  </section>
</template>

<style scoped>
.hitch {
  padding: 12px 18px 16px;
  border-bottom: 1px solid var(--line);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
  align-items: end;
  max-width: 1000px;
  margin: 6px 0;
}
.soft {
  font-size: 13.5px;
}
</style>
