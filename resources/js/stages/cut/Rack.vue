<script setup lang="ts">
import Button from 'primevue/button';
import { useToast } from 'primevue/usetoast';
import { onMounted, ref } from 'vue';
import { api, type RackPiece } from '../../api/client';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import { useRefusals } from '../../ui/refusals';
import { say } from '../../measure/say';

/** What is left over of all the household’s projects: this one puts its own there, and draws on what fits its materials. */
const project = useProject();
const guarded = useRefusals();
const toast = useToast();
const pieces = ref<RackPiece[]>([]);

async function look(): Promise<void> {
    pieces.value = (await api.rack(project.line!.id)).pieces;
}
onMounted(() => void guarded(look()));

async function put(): Promise<void> {
    const { put: count } = await api.fillRack(project.line!.id);
    await look();
    toast.add({
        severity: 'success',
        summary: say('On the rack'),
        detail: say('{0} leftovers of this plan, each with a label to write on it.', count),
        life: 6000,
    });
}

/** The material it serves for: within half a millimetre as thick, and with grain where that has grain. */
const serves = (p: RackPiece): string | undefined =>
    Object.entries(project.document!.stock).find(([, m]) => Math.abs(m.thickness - p.thickness) <= 0.5 && (p.grain || !m.grain))?.[0];
const used = (p: RackPiece): [string, string] | undefined => {
    for (const [id, m] of Object.entries(project.document!.stock)) {
        const at = Object.entries(m.sizes ?? {}).find(([, s]) => s.rack === p.label)?.[0];
        if (at) return [id, at];
    }
    return undefined;
};

async function use(p: RackPiece): Promise<void> {
    const id = serves(p)!;
    await api.takeFromRack(project.line!.id, p.id, true);
    const size = {
        name: say('{0} of the rack', p.label),
        length: p.length,
        width: p.width,
        in_hand: true,
        limit: 1,
        rack: p.label,
        order: p.label,
    };
    await project.set(['stock', id, 'sizes'], { ...project.document!.stock[id]!.sizes, [ulid()]: size });
    await look();
}
async function giveBack(p: RackPiece): Promise<void> {
    const at = used(p);
    if (at) await project.change({ op: 'remove', path: ['stock', at[0], 'sizes', at[1]] });
    await api.takeFromRack(project.line!.id, p.id, false);
    await look();
}
async function clear(p: RackPiece): Promise<void> {
    await api.clearFromRack(project.line!.id, p.id);
    await look();
}
</script>

<template>
    <section class="bears">
        <h4>Offcut rack</h4>
        <p v-if="!pieces.length" class="soft">Nothing on it.</p>
        <div v-for="p in pieces" :key="p.id" class="piece">
            <span>
                <b>{{ p.label }}</b> {{ show(p.length, project.unit) }} × {{ show(p.width, project.unit) }}
                <small class="soft">{{ p.material }}, {{ show(p.thickness, project.unit) }}{{ p.own ? ', from here' : '' }}</small>
            </span>
            <span class="acts">
                <button v-if="p.taken" class="linkish" @click="guarded(giveBack(p))">Give back</button>
                <button v-else-if="serves(p) && !p.own" class="linkish" @click="guarded(use(p))">Use</button>
                <button v-if="!p.taken" class="linkish" :aria-label="`${p.label} is gone`" @click="guarded(clear(p))">Gone</button>
            </span>
        </div>
        <Button label="Put what is left on the rack" size="small" severity="secondary" @click="guarded(put())" />
    </section>
</template>

<style scoped>
.piece {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    font-size: 13px;
    padding: 3px 0;
}
.piece small {
    display: block;
}
.acts {
    display: flex;
    gap: 10px;
    align-items: start;
}
</style>
