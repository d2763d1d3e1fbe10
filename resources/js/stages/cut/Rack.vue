<script setup lang="ts">
import Button from 'primevue/button';
import { useToast } from 'primevue/usetoast';
import { onMounted } from 'vue';
import { api, type RackPiece } from '../../api/client';
import { show } from '../../measure/show';
import { useRack } from '../../project/rack';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import { say } from '../../measure/say';

/** What is left over of all the household’s projects: this one puts its own there, and draws on what fits its materials. */
const project = useProject();
const guarded = useRefusals();
const toast = useToast();
const { pieces, look, serves, use, giveBack } = useRack();
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
