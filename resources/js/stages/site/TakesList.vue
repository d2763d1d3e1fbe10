<script setup lang="ts">
import type { Walked } from '../../api/plan';
import { read, show } from '../../measure/show';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import { struck } from '../../project/facts';
import { instrumentsFor } from '../../project/readings';
import { clock } from '../../measure/clock';

/** Every standing take of a reading, when and with what; each can be struck out. */
const props = defineProps<{ reading: Walked }>();
const project = useProject();
const guarded = useRefusals();

const when = (at: string | null): string => (at && !Number.isNaN(Date.parse(at)) ? clock(new Date(at)) : '');
const by = (w: string): string =>
    instrumentsFor(props.reading.kind)
        .find((i) => i.value === w)
        ?.label.toLowerCase() ?? w;
</script>

<template>
    <ul class="takes" aria-label="takes">
        <li v-for="take in reading.takes" :key="take.id">
            <b>{{ read(take, project.unit, '') }}</b>
            <span class="soft"
                >{{ by(take.with)
                }}<template v-if="take.z !== null">
                    at {{ show(take.z, project.unit)
                    }}<template v-if="take.y !== null">, {{ show(take.y, project.unit) }} from the back</template></template
                ><template v-if="when(take.at)">, {{ when(take.at) }}</template></span
            >
            <button class="linkish" :aria-label="`strike out ${take.typed}`" @click="guarded(project.change(struck(take.id)))">
                Strike out
            </button>
        </li>
    </ul>
</template>

<style scoped>
.takes {
    list-style: none;
    margin: 10px 0 0;
    padding: 0;
    font-size: 12.5px;
}
li {
    display: grid;
    grid-template-columns: 58px minmax(0, 1fr) auto;
    gap: 6px;
    padding: 2px 0;
    border-top: 1px solid var(--rule);
    align-items: baseline;
}
</style>
