<script setup lang="ts">
import { computed, nextTick } from 'vue';
import type { Advice } from '../../api/plan';
import { show } from '../../measure/show';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import TapeSketch from '../../draw/TapeSketch.vue';
import { again } from '../../project/entry';
import { readingAdded } from '../../project/readings';

/** What to measure next for what is to stand here, the most telling first; or that it is measured enough, and why. */
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();
const doubt = computed(() => project.site!.doubt);
const views = computed(() => project.plan?.drawings[project.space?.[0] ?? '']);
const open = computed(() => doubt.value.known.filter((k) => !k.settled));
const unread = computed(() => open.value.flatMap((k) => k.unread));
/** A walk's worth of readings that nothing else checks: a slip in one of them would pass unseen. */
const unchecked = computed(() => new Set(open.value.flatMap((k) => k.unchecked)));
const unreached = computed(() => project.site!.walk.filter((r) => r.unreached !== null).length);
const suspect = computed(() => new Set(open.value.flatMap((k) => k.suspect)));
const known = (name: string): string => render({ key: `known.${name}`, args: {} }, project.unit);

async function take(advice: Advice): Promise<void> {
    if (advice.reading !== null) {
        picked.value = advice.reading;
        await nextTick();
        again.value = unchecked.value.has(advice.reading) || suspect.value.has(advice.reading);
        return;
    }
    const { id, op } = readingAdded(project.space![0], advice.take);
    if (await guarded(project.change(op))) picked.value = id;
}
</script>

<template>
    <div class="next">
        <template v-if="doubt.enough">
            <b>Measured enough.</b>
            Every size that the piece hangs on is known better than it needs; one more reading would change nothing that is cut.
        </template>
        <template v-else-if="doubt.next.length > 0">
            <b>What to measure next</b>
            <p v-for="(u, i) in unread" :key="`unread ${i}`" class="unread">{{ render(u, project.unit) }}</p>
            <ol>
                <li v-for="(a, i) in doubt.next" :key="i">
                    <TapeSketch v-if="a.tape && views?.[a.view]" :drawing="views[a.view]!" :tape="a.tape" label="where to hold it" />
                    <button class="linkish" @click="take(a)">{{ capitalised(render(a.name, project.unit)) }}</button>
                    <span v-if="a.then < a.now" class="soft">
                        {{ known(a.helps) }} ± {{ show(a.now, project.unit) }} → ± {{ show(a.then, project.unit) }}
                    </span>
                    <span v-else-if="a.reading && suspect.has(a.reading)" class="doubted">
                        once more, hook on the other side: it does not agree with the others
                    </span>
                    <span v-else-if="a.reading && unchecked.has(a.reading)" class="soft">
                        once more, hook on the other side: nothing else would show a slip in it
                    </span>
                    <span v-else class="soft">{{ known(a.helps) }}: how the wall runs there is not known</span>
                </li>
            </ol>
        </template>
        <template v-else>
            <b>Nothing more would help much.</b> What is left is what tape and level may be out by: take again what is doubted, or read with
            something finer.
        </template>
        <p v-if="!project.site!.tape_checked" class="soft tape">
            Nobody has checked this tape: it is taken for as good as new. Hold it against a rule and a meter once, under “Tape, level,
            meter, gauge”.
        </p>
        <p v-if="unreached > 0 && !doubt.enough" class="unread">
            {{ unreached }} of the readings could not be reached: what hangs on them stays as little known as it was.
        </p>
    </div>
</template>

<style scoped>
.next {
    font-size: 13px;
    margin-top: 12px;
    padding-top: 10px;
    border-top: 2px solid var(--ink);
}
.doubted {
    color: var(--ochre-text);
}
p.unread {
    margin: 4px 0 0;
    color: var(--ochre-text);
}
ol {
    list-style: none;
    margin: 6px 0 0;
    padding: 0;
}
li {
    display: grid;
    grid-template-columns: 58px minmax(0, 1fr);
    column-gap: 8px;
    align-content: center;
    padding: 4px 0;
    border-top: 1px solid var(--rule);
}
.linkish {
    text-align: left;
    padding: 0;
}
li svg {
    grid-row: 1 / 3;
}
li > :not(svg) {
    grid-column: 2;
}
.soft {
    font-size: 12.5px;
}
</style>
