<script setup lang="ts">
import {
  boundPassed,
  displayMass,
  fieldBounds,
  finest,
  lengthUnitOf,
  numberHabit,
  parseQuantity,
  slippedPoint,
  textBounds,
  unitTable,
  type FieldName,
  type MassUnit,
} from '@wagonomos/core';
import { computed, ref, useId, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useDrafts } from '../stores/drafts.ts';
import { useSettings } from '../stores/settings.ts';
import { useWorkspace } from '../stores/workspace.ts';
import { usePlaceWords } from '../words/placeWords.ts';
import { quantityProblemMessage } from './quantityProblem.ts';
import { useFieldKey } from './useFieldKey.ts';
import { useRefusalWords } from '../words/useRefusalWords.ts';
import { written } from '@wagonomos/papers/words';

/** A field for a quantity: takes any unit and arithmetic, keeps what was typed, says what it cannot read. */
const props = defineProps<{
  label: string;
  /** What kind of number it is; decides units and bounds. */
  field: FieldName;
  /** In the inner unit of the kind; undefined: not known. */
  value: number | undefined;
  typed?: string | undefined;
  digits?: number;
  /** The unit a bare mass takes here, where the plate in hand is in pounds; else the owner's. */
  unit?: MassUnit | undefined;
  /** Of the mass of a vehicle, an axle or a trailer: what its plate says, kg; null: not known. A thousandth of it is asked about. */
  plated?: number | null | undefined;
  /** Hides the label from the eye, not from the reader. */
  quiet?: boolean;
}>();
const emit = defineEmits<{ change: [value: number | undefined, typed: string] }>();

const { t } = useI18n();
const settings = useSettings();
const workspace = useWorkspace();
const place = usePlaceWords();
const id = useId();
const drafts = useDrafts();
const key = useFieldKey(props.label);
const { reasonHere } = useRefusalWords();

const massUnit = computed(() => props.unit ?? settings.massUnit);
const kind = computed(() => fieldBounds[props.field].quantity);
const usualUnit = {
  mass: 'kg',
  length: 'm',
  volume: 'L',
  percent: '%',
  force: 'kN',
  pressure: 'kPa',
  couple: 'Nm',
  distance: 'km',
} as const;
/** Who weighs in pounds measures in feet and pumps in psi. */
const poundUnit: Readonly<Partial<Record<keyof typeof usualUnit, string>>> = {
  length: lengthUnitOf('lb'),
  pressure: 'psi',
};
const bareUnit = computed(() => {
  if (kind.value === 'mass') return massUnit.value;
  // British roads are measured in miles, whatever one weighs in.
  if (kind.value === 'distance' && place.value === 'uk') return 'mi';
  return (settings.massUnit === 'lb' ? poundUnit[kind.value] : undefined) ?? usualUnit[kind.value];
});
const shown = computed(() => {
  if (props.value === undefined) return '';
  const factor = unitTable[kind.value][bareUnit.value]?.factor ?? 1;
  const digits = props.digits ?? (kind.value === 'mass' ? 1 : 3);
  const value =
    kind.value === 'mass' ? displayMass(props.value, massUnit.value, 'nearest', 10 ** -digits) : props.value / factor;
  return plainFigure(value, digits);
});
const text = ref(shown.value);
const editing = ref(false);
const problem = ref<string | null>(null);
/** What the figure could be, to be pressed. */
const choices = ref<readonly string[]>([]);

watch(shown, (next) => {
  if (!editing.value) {
    text.value = next;
    question(null);
  }
});
/** What cannot be taken is kept where it was typed, also beyond a reload, until it is mended or wiped. */
const question = (why: string | null, could: readonly string[] = []) => {
  problem.value = why;
  choices.value = could;
  if (why === null) drafts.drop(key);
  else drafts.keep(key, text.value);
};

/** A figure typed in another unit than the one shown keeps its own words beside it. */
const asTyped = computed(() => {
  const typed = props.typed?.trim();
  return typed && /[a-z"'′″]/i.test(typed) && !typed.toLowerCase().endsWith(bareUnit.value.toLowerCase())
    ? typed
    : null;
});

type Judged = { readonly value: number } | { readonly problem: string; readonly choices?: readonly string[] };
/**
 * What a text says in the inner unit, or what is wrong with it.
 * @param sure it was pressed among what it could be: it is read as it stands
 */
const judged = (raw: string, sure = false): Judged => {
  const habit = sure ? {} : numberHabit(place.value);
  const parsed = parseQuantity(raw, kind.value, bareUnit.value, habit);
  if (!parsed.ok) {
    const { problem: found } = parsed;
    const could = found.code === 'ambiguousNumber' ? (found.readings ?? []) : [];
    // Where one of two readings is out of all bounds, there is nothing to ask: nobody measures 2850 m.
    const possible = could.flatMap((one) => {
      const text = raw.replace(found.code === 'ambiguousNumber' ? found.text : '', one);
      const read = parseQuantity(text, kind.value, bareUnit.value);
      return read.ok && boundPassed(props.field, read.value) === null ? [{ text, value: read.value }] : [];
    });
    if (possible.length === 1 && possible[0]) return { value: possible[0].value };
    return { problem: t(...quantityProblemMessage(found)), choices: possible.map(({ text }) => text) };
  }
  const passed = boundPassed(props.field, parsed.value);
  const factorOf = (unit: string) => unitTable[kind.value][unit]?.factor ?? 1;
  if (passed === null) {
    const meant =
      sure || kind.value !== 'mass' || props.plated === undefined
        ? null
        : slippedPoint(raw, parsed.value, props.plated);
    if (meant === null) return { value: parsed.value };
    const could = [meant, parsed.value].map((kg) => `${plainFigure(kg / factorOf(parsed.unit), 3)} ${parsed.unit}`);
    return { problem: t('app.quantity.slipped', { text: raw }), choices: could };
  }
  const inUnit = (bound: number) => written(bound / factorOf(bareUnit.value), 3);
  const unit = bareUnit.value;
  if (passed === 'tooFine') return { problem: t('app.quantity.tooFine', { least: inUnit(finest), unit }) };
  const { least, most } = fieldBounds[props.field];
  return { problem: t('app.quantity.bounds', { least: inUnit(least), most: inUnit(most), unit }) };
};
/** As a field takes it back: without marks between thousands. */
function plainFigure(value: number, digits: number): string {
  return written(value, digits).replaceAll(',', '').replace('−', '-');
}
/** As typed, with its unit; a sum too long to be kept is kept as what it comes to. */
const typedText = (raw: string, value: number): string => {
  const typed = /[a-z"'′″]/i.test(raw) ? raw : `${raw} ${bareUnit.value}`;
  if (typed.length <= textBounds.typed) return typed;
  return `${written(value / (unitTable[kind.value][bareUnit.value]?.factor ?? 1), 3)} ${bareUnit.value}`;
};
const say = (value: number | undefined, typed: string) =>
  question(reasonHere(workspace.typing(key, () => emit('change', value, typed))));
const read = () => {
  editing.value = true;
  const raw = text.value.trim();
  if (raw === '') {
    question(null);
    if (props.value !== undefined) say(undefined, '');
    return;
  }
  take(raw, judged(raw));
};
const take = (raw: string, found: Judged) => {
  if ('problem' in found) question(found.problem, found.choices);
  else say(found.value, typedText(raw, found.value));
};
const choose = (one: string) => {
  text.value = one;
  take(one, judged(one, true));
  finish();
};
const draft = drafts.read(key);
if (draft !== undefined) {
  const found = judged(draft.trim());
  if ('problem' in found) {
    text.value = draft;
    problem.value = found.problem;
    choices.value = found.choices ?? [];
  } else drafts.drop(key);
}

/** Undo is the app's own also in a field, as long as the field holds nothing that still has to be mended. */
const travel = (event: Event) => {
  if (!(event instanceof KeyboardEvent) || problem.value) return;
  if (!(event.ctrlKey || event.metaKey) || !['z', 'y'].includes(event.key.toLowerCase())) return;
  event.preventDefault();
  editing.value = false;
  const redo = event.shiftKey || event.key.toLowerCase() === 'y';
  (redo ? workspace.redo : workspace.undo)();
};
const finish = () => {
  editing.value = false;
  workspace.settle();
  if (!problem.value) text.value = shown.value;
};
</script>

<template>
  <div class="quantity">
    <label :for="id" :class="{ 'sr-only': quiet }">{{ label }}</label>
    <el-input
      :id="id"
      v-model="text"
      class="box"
      :class="{ bad: problem }"
      inputmode="decimal"
      autocomplete="off"
      :aria-invalid="problem !== null"
      :aria-describedby="problem ? `${id}-problem` : undefined"
      @focus="editing = true"
      @input="read"
      @keydown.enter="finish"
      @keydown="travel"
      @blur="finish"
    >
      <template #suffix
        ><span class="unit" aria-hidden="true">{{ bareUnit }}</span></template
      >
    </el-input>
    <p v-if="problem" :id="`${id}-problem`" class="problem" role="alert">{{ problem }}</p>
    <p v-if="problem && choices.length > 0" class="choices">
      <button v-for="one in choices" :key="one" type="button" class="quiet-button" @click="choose(one)">
        {{ one }}
      </button>
    </p>
    <p v-else-if="!problem && asTyped" class="typed">{{ t('app.quantity.asTyped', { typed: asTyped }) }}</p>
  </div>
</template>

<style scoped>
.quantity {
  min-width: 0;
}
label {
  display: block;
  color: var(--soft);
  font-size: 13px;
}
.box {
  --el-input-text-color: var(--ink);
}
.box :deep(input) {
  font: 600 17px var(--figures);
  font-variant-numeric: tabular-nums;
  text-align: right;
}
.bad {
  --el-input-border-color: var(--over);
  --el-input-hover-border-color: var(--over);
  --el-input-focus-border-color: var(--over);
}
.unit {
  color: var(--soft);
  font: 400 14px var(--figures);
}
.problem,
.typed {
  margin: 2px 0 0;
  font-size: 12.5px;
  line-height: 1.25;
}
.problem {
  color: var(--over);
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  justify-content: flex-end;
  margin: 4px 0 0;
}
.typed {
  color: var(--soft);
  text-align: right;
}
</style>
