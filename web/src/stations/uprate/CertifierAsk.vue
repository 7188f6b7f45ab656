<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import {
  certifierAnswerSchema,
  certifierQuestion,
  type CertifierAnswer,
  type CertifierOffer,
  type UpratePackage,
} from '@wagonomos/core/uprating';
import { GraduationCap } from '@lucide/vue';
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOffers } from '../../shared/useOffers.ts';

/** Practise asking: a stand-in on the server answers by rules of its own. Nothing it says is kept, and none of it can be applied. */
const props = defineProps<{ view: RigView; packages: readonly UpratePackage[] }>();
const { t } = useI18n();
const { figure, limitWord, money } = useOffers(() => props.view);
const bodies = computed(() =>
  (['vehicle', 'trailer'] as const).filter((of) => props.packages.some((one) => one.of === of)),
);
const state = ref<'idle' | 'waiting' | 'lost'>('idle');
const answer = shallowRef<CertifierAnswer | null>(null);
let gone = false;
onBeforeUnmount(() => (gone = true));

const where = '/api/practice-certifier';
const eachTime = 500;
const mostTries = 60;
const wait = () => new Promise((resolve) => setTimeout(resolve, eachTime));

async function fetched(of: 'vehicle' | 'trailer'): Promise<CertifierAnswer | null> {
  const question = certifierQuestion(props.view, of, props.packages, t('app.certifier.together'));
  const started = await fetch(where, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(question),
  });
  if (!started.ok) return null;
  const { id } = (await started.json()) as { readonly id: string };
  for (let tries = 0; tries < mostTries && !gone; tries += 1) {
    const response = await fetch(`${where}/${id}`);
    if (response.status === 200) return certifierAnswerSchema.parse(await response.json());
    if (response.status !== 202) return null;
    await wait();
  }
  return null;
}
const ask = async () => {
  state.value = 'waiting';
  answer.value = null;
  try {
    const found = await Promise.all(bodies.value.map(fetched));
    const whole = found.filter((one) => one !== null);
    answer.value =
      whole.length === bodies.value.length
        ? { simulation: whole.some(({ simulation }) => simulation), offers: whole.flatMap(({ offers }) => offers) }
        : null;
    state.value = answer.value ? 'idle' : 'lost';
  } catch {
    state.value = 'lost';
  }
};
const reason = (offer: Extract<CertifierOffer, { kind: 'refused' }>): string =>
  t(`app.certifier.reason.${offer.reason}`, {
    limit: offer.limit ? limitWord(offer.limit) : '',
    most: offer.most === undefined ? '' : figure(offer.most),
  });
</script>

<template>
  <section class="stand-in no-print" data-test="certifier">
    <h2>{{ t('app.certifier.title') }}</h2>
    <p class="soft">{{ t('app.certifier.hint') }}</p>
    <button type="button" class="quiet-button" :disabled="state === 'waiting'" @click="ask">
      <GraduationCap :size="15" />{{ t(state === 'waiting' ? 'app.certifier.waiting' : 'app.certifier.ask') }}
    </button>
    <p v-if="state === 'lost'" role="alert">{{ t('app.certifier.lost') }}</p>
    <div v-if="answer" role="status">
      <article v-for="(offer, at) in answer.offers" :key="at">
        <b class="mark">{{ t('app.certifier.simulated') }}</b>
        <h3>{{ offer.name }}</h3>
        <template v-if="offer.kind === 'would'">
          <ul>
            <li v-for="line in offer.limits" :key="line.limit">
              {{ t('app.certifier.would', { limit: limitWord(line.limit), value: figure(line.value, line.limit) }) }}
            </li>
          </ul>
          <p>
            {{
              t('app.certifier.terms', {
                conditions: offer.conditions.map((one) => t(`app.certifier.condition.${one}`)).join(', '),
                fee: money(offer.fee),
              })
            }}
          </p>
        </template>
        <p v-else>{{ reason(offer) }}</p>
      </article>
    </div>
  </section>
</template>

<style scoped>
.stand-in {
  margin-top: 22px;
  padding-top: 12px;
  border-top: 2px dashed var(--line);
}
article {
  margin-top: 10px;
  padding: 8px 12px;
  border: 2px dashed var(--slate);
}
.mark {
  padding: 0 6px;
  background: repeating-linear-gradient(135deg, var(--hair) 0 6px, transparent 6px 12px);
  font: 600 13px var(--figures);
  letter-spacing: 0.04em;
  text-transform: uppercase;
}
ul {
  margin: 2px 0;
  padding-left: 18px;
}
</style>
