<script setup lang="ts">
import { placedBodies, positionNow, type Body, type Fitting, type RigView } from '@wagonomos/core';
import { addFitting, changeFitting, removeFitting, setFittingPosition } from '@wagonomos/core/edits';
import { Plus, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import NameField from '../../fields/NameField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { useWorkspace } from '../../stores/workspace.ts';

/** Parts of a body that move: where each stands on this trip, and where it stood when the empty figure was taken. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const rows = computed(() =>
  placedBodies(props.view).flatMap(({ body }) => (body.fittings ?? []).map((fitting) => ({ body, fitting }))),
);
const bodies = computed(() => placedBodies(props.view).map(({ body }) => body));

const add = (body: Body) => {
  const [first, second] = [newId(), newId()];
  const positions = [
    { id: first, name: t('app.fittings.first') },
    { id: second, name: t('app.fittings.second') },
  ];
  workspace.edit('app.edit.fitting', (document) =>
    addFitting(document, body.id, { id: newId(), name: t('app.fittings.newName'), mass: 0, positions, emptyAt: first }),
  );
};
const change = (body: Body, fitting: Fitting, patch: Partial<Fitting>, about = '') =>
  workspace.edit(
    'app.edit.fitting',
    (document) => changeFitting(document, body.id, fitting.id, patch),
    `fitting ${body.id} ${fitting.id} ${Object.keys(patch).join()} ${about}`,
  );
const place = (body: Body, fitting: Fitting, id: string, patch: { name?: string; x?: number; y?: number }) => {
  const positions = fitting.positions.map((one) =>
    one.id === id
      ? {
          id,
          name: patch.name ?? one.name,
          ...known('x', 'x' in patch ? patch.x : one.x),
          ...known('y', 'y' in patch ? patch.y : one.y),
        }
      : one,
  );
  change(body, fitting, { positions }, id);
};
const known = (name: 'x' | 'y', value: number | undefined) => (value === undefined ? {} : { [name]: value });
const stand = (body: Body, fitting: Fitting, position: string) =>
  workspace.edit('app.edit.fitting', (document) =>
    setFittingPosition(document, props.view.loadout.id, body.id, fitting.id, position),
  );
const remove = (body: Body, fitting: Fitting) =>
  workspace.edit('app.edit.fitting', (document) => removeFitting(document, body.id, fitting.id));
</script>

<template>
  <div class="fittings" data-test="fittings">
    <div class="section-head">
      <h2>{{ t('app.fittings.title') }}</h2>
      <el-dropdown :persistent="false" trigger="click" @command="add">
        <button type="button" class="quiet-button"><Plus :size="15" />{{ t('app.fittings.add') }}</button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="body in bodies" :key="body.id" :command="body">{{ body.name }}</el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
    </div>
    <div v-for="{ body, fitting } in rows" :key="`${body.id}/${fitting.id}`" class="fitting">
      <details>
        <summary :title="t('app.fittings.measures')">{{ fitting.name }}</summary>
        <div class="fields">
          <NameField
            :name="fitting.name"
            :label="t('app.fittings.name')"
            @change="(name) => change(body, fitting, { name })"
          />
          <QuantityField
            :label="t('app.thing.mass')"
            field="mass"
            :value="fitting.mass"
            @change="(mass) => mass !== undefined && change(body, fitting, { mass })"
          />
          <label>
            {{ t('app.fittings.emptyAt') }}
            <el-select
              :persistent="false"
              :model-value="fitting.emptyAt"
              :aria-label="t('app.fittings.emptyAt')"
              @change="change(body, fitting, { emptyAt: $event })"
            >
              <el-option v-for="one in fitting.positions" :key="one.id" :value="one.id" :label="one.name" />
            </el-select>
          </label>
          <template v-for="one in fitting.positions" :key="one.id">
            <NameField
              class="position"
              :name="one.name"
              :label="t('app.fittings.position')"
              @change="(name) => place(body, fitting, one.id, { name })"
            />
            <QuantityField
              :label="t(`app.places.x.${body.kind}`)"
              field="position"
              :value="one.x"
              @change="(x) => place(body, fitting, one.id, { x } as { x?: number })"
            />
            <QuantityField
              :label="t('app.places.y')"
              field="lateral"
              :value="one.y"
              @change="(y) => place(body, fitting, one.id, { y } as { y?: number })"
            />
          </template>
          <button
            type="button"
            class="icon-button"
            :aria-label="t('app.fitted.remove', { name: fitting.name })"
            @click="remove(body, fitting)"
          >
            <Trash2 :size="15" />
          </button>
        </div>
      </details>
      <el-select
        :persistent="false"
        :model-value="positionNow(view.loadout, body.id, fitting)"
        :aria-label="t('app.fittings.now', { name: fitting.name })"
        @change="stand(body, fitting, $event)"
      >
        <el-option v-for="one in fitting.positions" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
    </div>
    <p v-if="rows.length === 0" class="soft">{{ t('app.fittings.none') }}</p>
  </div>
</template>

<style scoped>
.fittings {
  margin-top: 20px;
}
.fitting {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px 12px;
  align-items: center;
  padding: 3px 0;
  border-bottom: 1px dotted var(--line);
}
summary {
  cursor: pointer;
}
.fields {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px;
  align-items: end;
  padding: 4px 0 8px;
}
.position {
  align-self: end;
}
label,
.soft {
  color: var(--soft);
  font-size: 13px;
}
</style>
