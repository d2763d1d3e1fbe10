<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { show } from '../../measure/show';
import { render, word, capitalised } from '../../measure/words';
import { useProject } from '../../project/store';
import FindingsOf from '../../ui/FindingsOf.vue';
import { usePicked } from '../../ui/picked';
import { useSize } from '../../ui/size';
import BenchFace from './BenchFace.vue';
import BenchList from './BenchList.vue';
import BenchHoles from './BenchHoles.vue';
import { groups } from './bench';
import { say } from '../../measure/say';
import { called } from '../../measure/called';

/** What is done to each board once it is cut, board by board: holes, grooves and cut-outs on each face and edge, measured from one corner. */
const project = useProject();
const picked = usePicked();
const box = ref<HTMLElement | null>(null);
const size = useSize(box, { width: 620, height: 400 });
const lit = ref<string | null>(null);

const all = computed(() => (project.plan ? groups(project.plan) : []));
const chosen = computed(() => all.value.find((g) => g.parts.some((p) => p.id === picked.value)) ?? all.value[0]);
watch(chosen, () => (lit.value = null));

const mm = (value: number): string => show(value, project.unit);
const firsts = computed(() => {
    let next = 1;
    return [...(chosen.value?.bench.faces ?? []), ...(chosen.value?.bench.edges ?? [])].map((f) => {
        const first = next;
        next += f.rows.length;
        return first;
    });
});
const facts = computed(() => {
    const part = chosen.value?.parts[0];
    if (!part) return [];
    const band = project.document?.workshop?.banding;
    return [
        say(
            '{0} × {1} finished, {2} × {3} cut, {4} thick.',
            mm(part.finished.length.mm),
            mm(part.finished.width.mm),
            mm(part.cut.length.mm),
            mm(part.cut.width.mm),
            mm(part.thickness),
        ),
        part.banded.length
            ? say(
                  'Banded {0}: the cut size is before banding, the distances here are of the banded board{1}.',
                  part.banded.map(called).join(', '),
                  band ? say('; mark before banding and they are {0} less from that edge', mm(band)) : '',
              )
            : say('No banded edge.'),
        ...(part.bevels.length
            ? [
                  say(
                      'Bevelled {0} from square, long point in the {1} face.',
                      part.bevels.map((b) => `${b.toFixed(1)}°`).join(' and '),
                      part.long_face,
                  ),
              ]
            : []),
        ...(chosen.value?.mirror
            ? [say('The mirror image of {0}: lay the two side by side and mark them as a pair.', chosen.value.mirror)]
            : []),
    ];
});
</script>

<template>
    <div class="bench">
        <BenchList :groups="all" :chosen="chosen?.letter ?? null" @choose="(id) => (picked = id)" />
        <div ref="box" class="work">
            <template v-if="chosen">
                <h4>{{ chosen.parts.map((p) => p.label).join(', ') }} · {{ render(chosen.parts[0]!.name, project.unit) }}</h4>
                <p v-for="(f, i) in facts" :key="i" class="soft">{{ f }}</p>
                <FindingsOf :refs="chosen.parts.map((p) => p.id)" />
                <section v-for="(face, i) in chosen.bench.faces" :key="face.face">
                    <h5>
                        {{ capitalised(word(`board_face.${face.face}`)) }} up
                        <span v-if="i > 0" class="soft">rolled over, the same end at your left</span>
                    </h5>
                    <BenchFace :face="face" :width="size.width" :banded="chosen.parts[0]!.banded" :lit="lit" :first="firsts[i]!" />
                    <BenchHoles
                        :rows="face.rows"
                        :name="face.face"
                        :first="firsts[i]!"
                        :lit="lit"
                        :heads="{
                            across: `from the ${word(`board_edge.${face.sides.lower}`)}`,
                            along: `from the ${word(`board_end.${face.sides.left}`)}`,
                        }"
                        :thickness="chosen.parts[0]!.thickness"
                        @light="(r) => (lit = r)"
                    />
                    <p v-for="(r, n) in face.recesses" :key="n" class="let">
                        {{ word(`taken.${r.kind}`) }} {{ mm(r.length) }} × {{ mm(r.width) }}, {{ mm(r.depth) }} deep: begins
                        {{ mm(r.x) }} from the {{ word(`board_end.${face.sides.left}`) }} and {{ mm(r.y) }} from the
                        {{ word(`board_edge.${face.sides.lower}`) }}.
                    </p>
                </section>
                <section v-for="(edge, i) in chosen.bench.edges" :key="edge.edge">
                    <h5>In the {{ word(`${edge.is_end ? 'board_end' : 'board_edge'}.${edge.edge}`) }}</h5>
                    <BenchHoles
                        :rows="edge.rows"
                        :name="`edge ${edge.edge}`"
                        :first="firsts[chosen.bench.faces.length + i]!"
                        :lit="lit"
                        :heads="{
                            across: `from the ${word(`board_face.${edge.face}`)}`,
                            along: `from the ${word(`${edge.is_end ? 'board_edge' : 'board_end'}.${edge.from}`)}`,
                        }"
                        :thickness="chosen.parts[0]!.thickness"
                        @light="(r) => (lit = r)"
                    />
                </section>
            </template>
            <p v-else class="soft">No board of this piece is drilled or let in.</p>
        </div>
    </div>
</template>

<style scoped>
.bench {
    flex: 1 1 auto;
    min-height: 0;
    display: grid;
    grid-template-columns: 220px minmax(0, 1fr);
}
.work {
    overflow: auto;
    padding: 10px 16px;
    font-size: 13px;
}
h4,
h5 {
    margin: 0 0 4px;
}
h5 {
    margin-top: 12px;
}
h5 .soft {
    font-weight: 400;
    margin-left: 8px;
}
.work p {
    margin: 0 0 4px;
}
@media (max-width: 800px) {
    .bench {
        grid-template-columns: minmax(0, 1fr);
        overflow: auto;
    }
}
</style>
