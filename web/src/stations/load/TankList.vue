<script setup lang="ts">
import {
  displayMass,
  namedLevel,
  placedBodies,
  tankContents,
  tankLevel,
  type RigView,
  type Tank,
  type TankKind,
  type Body,
} from '@wagonomos/core';
import { addPart, changePart, removePart, setTankLevel } from '@wagonomos/core/edits';
import { Plus } from '@lucide/vue';
import { computed, reactive } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import { written } from '@wagonomos/papers/words';
import { useArithmetic } from '../../stores/arithmetic.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import TankMeasures from './TankMeasures.vue';

/** Tanks and bottles with their level; the measures of each a tap away. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const settings = useSettings();
const arithmetic = useArithmetic();

const kinds: Readonly<Record<Body['kind'], readonly TankKind[]>> = {
  vehicle: ['fuel', 'fresh', 'grey', 'black', 'gas'],
  trailer: ['fresh', 'grey', 'black', 'gas'],
  camper: ['fresh', 'grey', 'black', 'gas'],
};
/** What is folded away is not made. */
const unfolded = reactive<Record<string, boolean>>({});
const bodies = computed(() => placedBodies(props.view).map(({ body }) => body));
const level = (body: Body, tank: Tank) => tankLevel(props.view, body.id, tank.id);
/** No level is named: it holds what the empty figure has in it. */
const asFigure = (body: Body, tank: Tank): boolean =>
  level(body, tank) > 0 && namedLevel(props.view.loadout, body.id, tank.id) === undefined;
const holds = (body: Body, tank: Tank): string => {
  const mass = tankContents(tank, level(body, tank));
  if (mass === null) return t('app.tanks.noSize');
  return `${written(displayMass(mass, settings.massUnit, 'load'), 0)} ${settings.massUnit}`;
};

const add = (body: Body, kind: TankKind) =>
  workspace.edit('app.edit.tank', (document) =>
    addPart(document, body.id, 'tanks', { id: newId(), name: t(`app.tanks.kind.${kind}`), kind }),
  );
const fill = (body: Body, tank: Tank, percent: number | number[]) => {
  const fraction = (Array.isArray(percent) ? (percent[0] ?? 0) : percent) / 100;
  if (fraction === level(body, tank)) return;
  workspace.edit(
    'app.edit.tankLevel',
    (document) => setTankLevel(document, props.view.loadout.id, body.id, tank.id, fraction),
    `level ${body.id} ${tank.id}`,
  );
};
const change = (body: Body, tank: Tank, patch: Partial<Tank>) =>
  workspace.edit(
    'app.edit.tank',
    (document) => changePart(document, body.id, 'tanks', tank.id, patch),
    `tank ${body.id} ${tank.id} ${Object.keys(patch).join()}`,
  );
const remove = (body: Body, tank: Tank) =>
  workspace.edit('app.edit.tank', (document) => removePart(document, body.id, 'tanks', tank.id));
</script>

<template>
  <div class="tanks">
    <template v-for="body in bodies" :key="body.id">
      <div class="section-head">
        <h2>{{ t('app.tanks.title', { body: body.name }) }}</h2>
        <el-dropdown :persistent="false" trigger="click" @command="(kind: TankKind) => add(body, kind)">
          <button type="button" class="quiet-button"><Plus :size="15" />{{ t('app.tanks.add') }}</button>
          <template #dropdown>
            <el-dropdown-menu>
              <el-dropdown-item v-for="kind in kinds[body.kind]" :key="kind" :command="kind">
                {{ t(`app.tanks.kind.${kind}`) }}
              </el-dropdown-item>
            </el-dropdown-menu>
          </template>
        </el-dropdown>
      </div>
      <div v-for="tank in body.tanks" :key="tank.id" class="tank">
        <details @toggle="unfolded[`${body.id}/${tank.id}`] = ($event.target as HTMLDetailsElement).open">
          <summary :title="t('app.tanks.measures')">
            {{ tank.name }} <span v-if="asFigure(body, tank)" class="soft as-figure">{{ t('app.figure.usual') }}</span>
          </summary>
          <TankMeasures
            v-if="unfolded[`${body.id}/${tank.id}`]"
            :tank="tank"
            @change="(patch) => change(body, tank, patch)"
            @remove="remove(body, tank)"
          />
        </details>
        <el-slider
          :persistent="false"
          :class="tank.kind"
          :model-value="Math.round(level(body, tank) * 100)"
          :step="5"
          :aria-label="t('app.tanks.levelOf', { name: tank.name })"
          :format-tooltip="(value: number) => t('app.tanks.percent', { value })"
          @input="fill(body, tank, $event)"
          @change="workspace.settle()"
        />
        <button type="button" class="num holds" @click="arithmetic.open(`tank:${body.id}/${tank.id}`)">
          {{ holds(body, tank) }}
        </button>
      </div>
      <p v-if="body.tanks.length === 0" class="soft">{{ t('app.tanks.none') }}</p>
    </template>
  </div>
</template>

<style scoped>
.tanks {
  margin-top: 20px;
}
.tanks .section-head:not(:first-child) {
  margin-top: 16px;
}
.tank {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(80px, 1fr) 62px;
  gap: 6px 16px;
  align-items: center;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
.tank:has(details[open]) {
  grid-template-columns: 1fr 62px;
}
details[open] {
  grid-column: 1 / -1;
}
summary {
  cursor: pointer;
}
.as-figure {
  font-size: 12px;
}
.holds {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  cursor: pointer;
  font-size: 17px;
  font-weight: 600;
  text-align: right;
  white-space: nowrap;
}
.tank :deep(.el-slider) {
  --el-slider-main-bg-color: var(--water);
  --el-slider-runway-bg-color: var(--hair);
  --el-slider-height: 8px;
}
.tank :deep(.el-slider__button) {
  border-color: var(--ink);
}
</style>
