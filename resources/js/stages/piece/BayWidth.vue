<script setup lang="ts">
import { computed } from 'vue';
import type { BayWidth } from '../../api/document';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { useRefusals } from '../../ui/refusals';
import Stepper from '../../ui/Stepper.vue';
import type { PlacedBay } from './ops';
import { say } from '../../measure/say';

/** How wide a bay is: a share of what is left, chosen, or up to a mark. */
const props = defineProps<{ bay: PlacedBay; label: string }>();
const project = useProject();
const guarded = useRefusals();

const width = computed<BayWidth>(() => props.bay.value.width ?? { by: 'share' });
const by = computed(() => width.value.by ?? 'share');
const now = computed(() => project.fitted?.cells[props.bay.id]?.width.mm);
const snaps = computed(() => project.fitted?.cells[props.bay.id]?.drag?.snaps ?? []);
const marks = computed(() => (['stud', 'below'] as const).filter((m) => by.value === m || snaps.value.some((s) => s.by.by === m)));
const options = computed(() => [
    { value: 'share', label: say('Shares') },
    { value: 'fixed', label: say('Chosen') },
    ...marks.value.map((value) => ({ value, label: { stud: 'To a stud', below: say('As below') }[value] })),
    ...(props.bay.value.fill?.kind === 'bought_box' ? [{ value: 'box', label: say('From the box') }] : []),
    ...(Object.keys(project.piece?.[1].runs ?? {}).length > 1 ? [{ value: 'corner', label: say('The corner') }] : []),
]);

function choose(value: string): Promise<boolean> {
    const path = [...props.bay.path, 'width'];
    if (value === 'share') return guarded(project.set(path, null));
    if (value === 'fixed') return guarded(project.set(path, { by: 'fixed', value: now.value ?? 400 }));
    const nearest = [...snaps.value]
        .filter((s) => s.by.by === value)
        .sort((a, b) => Math.abs(a.width - (now.value ?? 0)) - Math.abs(b.width - (now.value ?? 0)))[0];
    return guarded(project.set(path, nearest ? nearest.by : { by: value }));
}
const weigh = (weight: number): Promise<boolean> => guarded(project.set([...props.bay.path, 'width'], { by: 'share', weight }));
</script>

<template>
    <div class="ch">
        <span>Width</span>
        <Choice :label="`width of bay ${label}`" :value="by" :options="options" @choose="choose" />
    </div>
    <LengthRow
        v-if="by === 'share' || by === 'fixed'"
        title="Clear opening"
        :label="`clear opening of bay ${label}`"
        :value="by === 'fixed' ? width.value : null"
        :path="[...bay.path, 'width', 'value']"
        :placeholder="now === undefined ? '' : show(now, project.documentUnit)"
        :keep-as="(mm) => project.set([...bay.path, 'width'], { by: 'fixed', value: mm })"
    />
    <div v-if="by === 'share' && bay.siblings.length > 1" class="ch">
        <span>Parts of it</span>
        <Stepper
            :label="`parts of bay ${label}`"
            :value="width.weight ?? 1"
            :least="1"
            :most="20"
            @less="weigh((width.weight ?? 1) - 1)"
            @more="weigh((width.weight ?? 1) + 1)"
        />
    </div>
</template>
