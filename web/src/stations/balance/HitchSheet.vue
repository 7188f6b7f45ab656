<script setup lang="ts">
import { displayMass, type PlannedAssessment, type RigView } from '@wagonomos/core';
import { archExpected, hitchPlan } from '@wagonomos/core/balance';
import { setHitch } from '@wagonomos/core/edits';
import { threePass } from '@wagonomos/core/weighing';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import LevelAid from '../../fields/LevelAid.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import HitchSteps from './HitchSteps.vue';
import '../../shared/figureTable.css';

/** Setting the bars of a distribution hitch: what each setting does, what a link does, and the order of work. */
const props = defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();
const workspace = useWorkspace();

const plan = computed(() => hitchPlan(props.view));
const hitch = computed(() => props.view.rig.hitch ?? {});
const kg = (value: number) => written(displayMass(value, settings.massUnit, 'nearest'), 0);
const names = ['none', 'half', 'all'] as const;
const isSet = (fraction: number) => {
  const { distribution } = hitch.value;
  return fraction === 0 ? !distribution : distribution?.kind === 'fraction' && distribution.fraction === fraction;
};
const change = (patch: Parameters<typeof setHitch>[2]) =>
  workspace.edit('app.edit.hitch', (document) => setHitch(document, props.view.rig.id, patch));
const reckonWith = (fraction: number) =>
  change({ distribution: fraction === 0 ? undefined : { kind: 'fraction', fraction } });

/** The last slip on which the bars were weighed. */
const weighed = computed(() => {
  const own = (workspace.document?.tickets ?? []).filter(({ rig }) => rig === props.view.rig.id);
  for (const ticket of own.toReversed()) {
    const found = threePass(props.view, ticket);
    if (found?.couple) return { ...found, couple: found.couple, date: ticket.date };
  }
  return null;
});

/** mm over the road to expect of each arch at each setting. */
const arches = computed(() => {
  const { value: of } = plan;
  const { front = {}, rear = {} } = hitch.value.arches ?? {};
  const [off] = of?.settings ?? [];
  if (!of || !off) return [];
  return of.settings.slice(1).flatMap((setting) => {
    const then = (['front', 'rear'] as const).map((end) =>
      archExpected(end === 'front' ? front : rear, { alone: of.alone[end], coupled: off[end], then: setting[end] }),
    );
    return then.every((one) => one === null) ? [] : [{ fraction: setting.fraction, front: then[0], rear: then[1] }];
  });
});
const mm = (metres: number | null | undefined) => (metres == null ? '?' : written(1000 * metres, 0));
/** N·m of the slip, once somebody takes them over. */
const taken = ref<{ readonly couple: number }>();
const order = ['level', 'alone', 'hitched', 'tension', 'check', 'weigh', 'note'] as const;
const cautions = ['release', 'reverse', 'surge', 'forbidden'] as const;
</script>

<template>
  <div class="bench hitch">
    <section>
      <h2>{{ t('app.hitching.title') }}</h2>
      <p v-if="!plan" data-test="hitch-plan">{{ t('app.hitching.unknown') }}</p>
      <template v-else>
        <p>
          {{
            t('app.hitching.lead', {
              lost: kg(plan.alone.front - (plan.settings[0]?.front ?? 0)),
              unit: settings.massUnit,
            })
          }}
        </p>
        <div class="wide">
          <table class="figure-table" data-test="hitch-plan">
            <thead>
              <tr>
                <th scope="col">{{ t('app.hitching.school') }}</th>
                <th v-for="one in ['front', 'rear', 'coupling', 'trailer'] as const" :key="one" scope="col">
                  {{ t(`app.hitching.column.${one}`) }}
                </th>
                <th scope="col">{{ t('app.hitching.column.couple') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr>
                <th scope="row">{{ t('app.hitching.aloneRow') }}</th>
                <td class="num">{{ kg(plan.alone.front) }}</td>
                <td class="num">{{ kg(plan.alone.rear) }}</td>
                <td colspan="3"></td>
              </tr>
              <tr v-for="(one, n) in plan.settings" :key="one.fraction" :class="{ set: isSet(one.fraction) }">
                <th scope="row">
                  {{ t(`app.hitching.row.${names[n] ?? 'none'}`) }}
                  <button
                    v-if="!isSet(one.fraction)"
                    type="button"
                    class="quiet-button no-print"
                    @click="reckonWith(one.fraction)"
                  >
                    {{ t('app.hitching.reckon') }}
                  </button>
                  <small v-else>{{ t('app.hitching.isSet') }}</small>
                  <small v-if="one.over.length > 0" class="passed">
                    {{ t('app.hitching.passed', { limits: one.over.map(({ name }) => say(name)).join(', ') }) }}
                  </small>
                </th>
                <td class="num">{{ kg(one.front) }}</td>
                <td class="num">{{ kg(one.rear) }}</td>
                <td class="num">{{ kg(one.coupling) }}</td>
                <td class="num">{{ kg(one.trailerAxles) }}</td>
                <td class="num">{{ t('app.hitching.nm', { value: written(one.couple, 0) }) }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <p>{{ t('app.hitching.level') }}</p>
        <p class="rule">{{ t('app.hitching.undistributed', { ball: kg(plan.ball), unit: settings.massUnit }) }}</p>
        <p v-if="plan.bound.length > 0" class="bound" data-test="hitch-bound">
          {{ t('app.hitching.bound', { limits: plan.bound.map(({ name }) => say(name)).join(', ') }) }}
        </p>
        <p v-if="hitch.distributionAllowed !== 'yes'" class="ask">
          {{ t(hitch.distributionAllowed === 'no' ? 'app.hitching.forbidden' : 'app.hitching.ask') }}
        </p>
      </template>

      <h3>{{ t('app.hitching.passes') }}</h3>
      <p v-if="weighed" data-test="hitch-weighed">
        {{
          t('app.hitching.weighed', {
            couple: written(weighed.couple.value, 0),
            doubt: written(2 * weighed.couple.se, 0),
            share: weighed.restored ? written(100 * weighed.restored.value, 0) : '?',
            date: weighed.date ?? '',
          })
        }}
        <button
          type="button"
          class="quiet-button no-print"
          @click="taken = { couple: Math.round(weighed.couple.value) }"
        >
          {{ t('app.hitching.take') }}
        </button>
      </p>
      <p v-else class="soft">{{ t('app.hitching.notWeighed') }}</p>
      <RouterLink class="quiet-button link no-print" :to="{ name: 'weigh', params: { rig: view.rig.id } }">
        {{ t('app.hitching.toWeigh') }}
      </RouterLink>

      <HitchSteps :view="view" :plan="plan" :weighed="taken" />
    </section>
    <section>
      <h2>{{ t('app.hitching.work') }}</h2>
      <ol>
        <li v-for="one in order" :key="one">{{ t(`app.hitching.order.${one}`) }}</li>
      </ol>
      <ul class="cautions">
        <li v-for="one in cautions" :key="one">{{ t(`app.hitching.caution.${one}`) }}</li>
      </ul>
      <LevelAid :view="view" />
      <p v-for="one in arches" :key="one.fraction" data-test="hitch-arches">
        {{
          t('app.hitching.expect', {
            school: t(`app.hitching.row.${one.fraction === 1 ? 'all' : 'half'}`),
            front: mm(one.front),
            rear: mm(one.rear),
          })
        }}
      </p>
      <h3>{{ t('app.hitching.air') }}</h3>
      <p>{{ t('app.hitching.airText') }}</p>
    </section>
  </div>
</template>

<style scoped>
.hitch {
  grid-template-columns: minmax(0, 3fr) minmax(300px, 2fr);
}
.wide {
  overflow-x: auto;
}
table {
  width: 100%;
}
tr.set th,
tr.set td {
  background: var(--hair);
}
th small {
  margin-left: 6px;
  color: var(--soft);
}
.passed {
  display: block;
  margin: 0;
  color: var(--over);
}
.rule,
.ask,
.cautions {
  padding-left: 10px;
  border-left: 4px double var(--ink);
}
.bound {
  color: var(--over);
  font-weight: 600;
}
h3 {
  margin: 14px 0 4px;
}
ol {
  margin: 4px 0 10px;
  padding-left: 22px;
}
.cautions {
  margin: 0 0 10px;
  list-style: none;
}
.cautions li {
  padding: 2px 0;
}
.soft {
  color: var(--soft);
}
.link {
  text-decoration: none;
}
@media (width <= 900px) {
  .hitch {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (width <= 720px) {
  .quiet-button {
    min-height: 44px;
  }
}
</style>
