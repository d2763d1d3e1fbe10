<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import Fold from '../../ui/Fold.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import TextRow from '../../ui/TextRow.vue';
import { spaceKindName } from '../../ui/spaceKinds';
import { say } from '../../measure/say';

/** What closes the space at either side, and what is overhead. */
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();
const id = computed(() => project.space![0]);
const space = computed(() => project.space![1]);
const site = computed(() => project.site!);

const sides = [
    { value: 'wall' as const, label: say('Wall') },
    { value: 'open' as const, label: say('Open'), hint: say('nothing there: a mark you choose') },
    { value: 'appliance' as const, label: say('Appliance'), hint: say('straight sides, and play beside them') },
];
const falls = [
    { value: 'none' as const, label: say('Level') },
    { value: 'back' as const, label: say('To the back') },
    { value: 'left' as const, label: say('To the left') },
    { value: 'right' as const, label: say('To the right') },
];
const fall = computed(() => space.value.slope?.low ?? 'none');
const hasOwnSlope = computed(() => space.value.kind === 'under_stair' || space.value.kind === 'under_slope');

const set = (key: string, value: unknown): Promise<boolean> => guarded(project.set(['spaces', id.value, key], value));

function slope(low: 'none' | 'back' | 'left' | 'right'): void {
    const flat = space.value.slope?.flat ?? false;
    void set('slope', low === 'none' ? null : { along: low === 'back' ? 'depth' : 'run', low, flat });
}

async function remove(): Promise<void> {
    const gone = id.value;
    const pieces = Object.entries(project.document!.pieces).filter(([, p]) => p.space === gone);
    picked.value = null;
    await guarded(
        project.change(...pieces.map(([piece]) => ({ op: 'remove' as const, path: ['pieces', piece] })), {
            op: 'remove',
            path: ['spaces', gone],
        }),
    );
}
</script>

<template>
    <Fold :title="`This space: ${spaceKindName(space.kind).toLowerCase()}`">
        <TextRow needed title="name" label="name of the space" :value="space.name" :path="['spaces', id, 'name']" />
        <div class="ch col">
            <span>at the left</span><Choice label="left side" :value="site.left" :options="sides" @choose="(s) => set('left', s)" />
        </div>
        <div class="ch col">
            <span>at the right</span><Choice label="right side" :value="site.right" :options="sides" @choose="(s) => set('right', s)" />
        </div>
        <div class="ch col">
            <span>overhead falls</span>
            <Choice label="overhead" :value="fall" :options="hasOwnSlope ? falls.slice(1) : falls" @choose="slope" />
        </div>
        <label v-if="space.slope" class="flat">
            <input type="checkbox" :checked="space.slope.flat" @change="set('slope', { ...space.slope, flat: !space.slope.flat })" />
            a level ceiling goes on from the slope
        </label>
        <label class="flat">
            <input type="checkbox" :checked="space.damp ?? false" @change="set('damp', space.damp ? null : true)" />
            a damp place: water is used or runs here
        </label>
        <Button
            v-if="project.spaces.length > 1"
            label="Remove this space and its piece"
            size="small"
            severity="secondary"
            class="remove"
            @click="remove"
        />
    </Fold>
</template>

<style scoped>
.col {
    display: grid;
    gap: 3px;
}
.flat {
    display: flex;
    gap: 6px;
    font-size: 13px;
    margin: 6px 0;
}
.remove {
    margin-top: 10px;
}
</style>
