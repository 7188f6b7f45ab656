<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { addPart } from '@wagonomos/core/edits';
import { mightBe, unlistedOn, type Suspect, type Ticket, type UnlistedOn } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import { written } from '@wagonomos/papers/words';
import { useWorkspace } from '../../stores/workspace.ts';
import { useWeighedWords } from '../../words/useWeighedWords.ts';

/** What a slip found that is on no list: how much, where it must sit, what it might be; kept in the ledger, or looked for. */
const props = defineProps<{ view: RigView; ticket: Ticket }>();
const { t } = useI18n();
const { kg, unit } = useWeighedWords();
const workspace = useWorkspace();

const found = computed(() => unlistedOn(props.view, props.ticket));
const says = (one: UnlistedOn): string => {
  const named = {
    body: props.view[one.side]?.name ?? '',
    mass: kg(Math.abs(one.mass)),
    give: kg(2 * one.massError, 'load'),
    unit: unit(),
    x: written(one.x ?? 0, 2),
    xGive: written(2 * (one.xError ?? 0), 2),
  };
  const { moment, momentError } = one;
  const moved = moment !== null && momentError !== null && Math.abs(moment) > 2 * momentError;
  if (one.x === null && moved) {
    const way = t(`app.weigh.further.${moment > 0 ? 'back' : 'front'}`);
    const more = { way, moment: written(Math.abs(moment), 0), give: written(2 * momentError, 0) };
    return t('app.weigh.moved', { ...named, ...more });
  }
  if (one.x === null) return t('app.weigh.agrees', named);
  if (one.inside === false) return t('app.weigh.outside', named);
  return t(one.mass > 0 ? 'app.weigh.unlisted' : 'app.weigh.tooMuch', named);
};
const suspects = (one: UnlistedOn) => (one.x === null ? [] : mightBe(props.view, one));
const suspectSays = ({ kind, id, name, mass, x }: Suspect): string =>
  t(`app.weigh.mightBe.${mass > 0 ? 'more' : 'less'}.${kind}`, {
    name: kind === 'typical' ? t(`typical.${id}`) : name,
    mass: kg(Math.abs(mass)),
    unit: unit(),
    x: x === null ? '' : t('app.weigh.at', { x: written(x, 2) }),
  });
/** Kept in the ledger of the body, where it can be seen, changed and taken out again. */
const adopt = (one: UnlistedOn) => {
  if (one.x === null) return;
  const change = { mass: Math.round(Math.abs(one.mass) * 10) / 10, x: Math.round(one.x * 100) / 100 };
  workspace.edit('app.edit.adopt', (document) =>
    addPart(document, one.body, 'fitted', {
      id: newId(),
      name: t('app.weigh.ledger', { slip: props.ticket.name }).slice(0, 80),
      ...(one.mass > 0 ? { on: change } : { off: change }),
      inEmptyMass: 'no',
      foundBy: props.ticket.id,
      ...(props.ticket.date ? { date: props.ticket.date } : {}),
    }),
  );
};
</script>

<template>
  <section v-if="found.length > 0">
    <h3>{{ t('app.weigh.beside') }}</h3>
    <div v-for="one in found" :key="one.side" class="found" :data-test="`unlisted-${one.side}`">
      <p>{{ says(one) }}</p>
      <button
        v-if="one.x !== null && one.inside !== false"
        type="button"
        class="quiet-button no-print"
        @click="adopt(one)"
      >
        {{ t('app.weigh.adopt') }}
      </button>
      <details v-if="suspects(one).length > 0" class="suspects no-print">
        <summary>{{ t('app.weigh.find') }}</summary>
        <ul>
          <li v-for="suspect in suspects(one)" :key="`${suspect.kind} ${suspect.id}`">{{ suspectSays(suspect) }}</li>
        </ul>
      </details>
    </div>
    <p class="soft">{{ t(ticket.loadout ? 'app.weigh.besideKept' : 'app.weigh.besideNow') }}</p>
  </section>
</template>

<style scoped>
h3 {
  margin: 16px 0 2px;
}
.found {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  justify-content: space-between;
}
.suspects {
  flex-basis: 100%;
}
summary {
  color: var(--pen);
  cursor: pointer;
}
ul {
  margin: 2px 0 6px;
  padding-left: 18px;
}
p {
  margin: 4px 0;
}
.soft {
  color: var(--soft);
  font-size: 14px;
}
</style>
