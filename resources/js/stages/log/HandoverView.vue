<script setup lang="ts">
import { computed } from 'vue';
import { showAmount } from '../../measure/amount';
import { show } from '../../measure/show';
import { render } from '../../measure/words';
import { happened } from '../../project/facts';
import { useProject } from '../../project/store';
import MarkedDrawing from '../../ui/MarkedDrawing.vue';
import { useRefusals } from '../../ui/refusals';
import FileLink from '../../ui/FileLink.vue';
import { say } from '../../measure/say';

/** What whoever lives with it wants to know: what it is, what it hides, what is where, what to look after. */
const project = useProject();
const guarded = useRefusals();
const record = computed(() => project.plan!.handover);
const mm = (n: number): string => `${show(n, project.unit)} ${project.unit}`;
const finish = (p: (typeof record.value.pieces)[number]): string =>
    p.finish === 'none'
        ? say('not finished')
        : [p.finish === 'paint' ? say('painted') : say('clear finish'), say('{0} coats', p.coats), p.colour, p.sheen]
              .filter(Boolean)
              .join(', ');
const tin = (t: { name: string; colour: string | null; sheen: string | null; batch: string | null }): string =>
    [...new Set([t.name, t.colour, t.sheen, t.batch && say('batch {0}', t.batch)].filter(Boolean))].join(', ');
/** Every photo by its number, the same as on paper. */
const photos = computed(() => record.value.hidden.flatMap((h) => h.photos));
const marks = (piece: string): { x: number; y: number; text: string }[] =>
    photos.value.flatMap(({ mark }, i) => (mark?.drawing === piece ? [{ x: mark.x, y: mark.y, text: `${i + 1}` }] : []));
const cared = (care: string): Promise<boolean> => guarded(project.change(happened({ kind: 'cared', care })));
</script>

<template>
    <div class="listing">
        <template v-for="p in record.pieces" :key="p.id">
            <h3>
                <span>{{ p.name }}, {{ p.space }}</span>
            </h3>
            <p>
                {{ mm(p.width) }} wide, {{ mm(p.height) }} high, {{ mm(p.depth) }} deep; {{ p.parts }} parts,
                {{ showAmount(p.kg, project.unit) }} empty; {{ p.materials.join(', ') }};
                {{ p.glued ? 'glued' : 'not glued: it comes apart' }}
            </p>
            <p>{{ finish(p) }}</p>
            <MarkedDrawing
                v-if="marks(p.id).length"
                :drawing="project.plan!.drawings[p.id]!.front!"
                :label="`where photos of ${p.name} were taken`"
                :width="420"
                :height="260"
                :marks="marks(p.id)"
            />
            <p v-for="(t, i) in p.tins" :key="i" class="soft">Tin: {{ tin(t) }}</p>
        </template>
        <h3>What it hides</h3>
        <p v-if="!record.hidden.length" class="soft">Nothing is written down yet: studs, pipes, cables and boxes that will be covered.</p>
        <ul aria-label="what it hides">
            <template v-for="h in record.hidden" :key="h.about">
                <li v-for="(r, i) in h.records" :key="i">
                    {{ h.name ? render(h.name, project.unit) : 'Something' }}{{ r.text ? `: ${r.text}` : ''
                    }}<template v-for="d in r.distances" :key="d.from">; {{ mm(d.length) }} from {{ d.from }}</template>
                </li>
                <li v-if="h.photos.length">
                    <a
                        v-for="f in h.photos"
                        :key="f.photo"
                        :href="`/api/projects/${project.line!.id}/photos/${f.photo}`"
                        target="_blank"
                        rel="noopener"
                        ><img
                            :src="`/api/projects/${project.line!.id}/photos/${f.photo}?thumb=1`"
                            :alt="f.caption ?? 'photo'"
                            loading="lazy"
                        />
                        {{ photos.indexOf(f) + 1 }} {{ f.caption }}</a
                    >
                </li>
            </template>
        </ul>
        <h3>
            <span>What is where</span>
            <FileLink v-if="record.stored.length" class="aside" :to="`/api/projects/${project.line!.id}/bin-labels.pdf`">Labels</FileLink>
        </h3>
        <p v-if="!record.stored.length" class="soft">Give the things to store a bay, in the Piece stage: each bay gets a label.</p>
        <ul aria-label="what is where">
            <li v-for="b in record.stored" :key="b.bay">
                <b>{{ b.label }}</b> {{ b.things.map((t) => (t.count > 1 ? `${t.count} × ${t.name}` : t.name)).join(', ') }}
            </li>
        </ul>
        <h3>What to look after</h3>
        <table aria-label="what to look after">
            <tbody>
                <tr v-for="c in record.care" :key="c.key">
                    <td>{{ render(c.text, project.unit) }}</td>
                    <td class="soft n">every {{ c.months }} months</td>
                    <td class="n">{{ c.due ? `by ${c.due}` : '' }}</td>
                    <td class="n"><button class="linkish" :disabled="!record.handed" @click="cared(c.key)">done today</button></td>
                </tr>
            </tbody>
        </table>
        <template v-if="record.choices.length">
            <h3>What was decided, and why</h3>
            <ul aria-label="decisions">
                <li v-for="c in record.choices" :key="c.id">
                    {{ c.text }} <span class="soft">Because: {{ c.reason }}</span>
                    {{ c.verdict === null ? '' : c.verdict.good ? 'Later: it was right.' : 'Later: better otherwise.' }}
                </li>
            </ul>
        </template>
        <h3>How it comes apart again</h3>
        <ol>
            <li v-for="(a, i) in project.plan!.carrying.apart" :key="i">{{ render(a.title, project.unit) }}</li>
        </ol>
    </div>
</template>

<style scoped>
a {
    color: var(--chalk);
}
p {
    margin: 4px 0;
}
ul {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    padding: 3px 0;
}
.aside {
    font-size: 13px;
    font-weight: 400;
}
img {
    height: 64px;
    border: 1px solid var(--rule);
    margin-right: 6px;
}
.linkish:disabled {
    color: var(--soft);
    cursor: default;
}
</style>
