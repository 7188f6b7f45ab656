<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { assessTicket, type Ticket } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import SlipForm from '../../slips/SlipForm.vue';
import SlipAnswer from './SlipAnswer.vue';
import SlipBars from './SlipBars.vue';
import SlipDoubts from './SlipDoubts.vue';
import SlipEstimate from './SlipEstimate.vue';
import SlipUnlisted from './SlipUnlisted.vue';

/** One slip: its readings, what of them cannot be right, what they settle, what they found beside the plan. */
const props = defineProps<{ view: RigView; ticket: Ticket }>();
const emit = defineEmits<{ gone: [] }>();
const weighed = computed(() => assessTicket(props.view, props.ticket));
</script>

<template>
  <div data-test="slip-book">
    <SlipForm :view="view" :weighed="weighed" @gone="emit('gone')" />
    <SlipAnswer :ticket="ticket" />
    <SlipDoubts :view="view" :ticket="ticket" />
    <SlipEstimate :view="view" :weighed="weighed" />
    <SlipUnlisted :view="view" :ticket="ticket" />
    <SlipBars :view="view" :ticket="ticket" />
  </div>
</template>
