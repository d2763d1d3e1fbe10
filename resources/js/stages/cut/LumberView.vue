<script setup lang="ts">
import { ref } from 'vue';
import type { LumberPlan, StickPlan } from '../../api/plan';
import { show } from '../../measure/show';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useSize } from '../../ui/size';
import { say } from '../../measure/say';

/** What is cut from lengths of lumber: each stick to scale, with the parts along it and where each cut is marked. */
const project = useProject();
const picked = usePicked();
const box = ref<HTMLElement | null>(null);
const size = useSize(box, { width: 840, height: 400 });

const longest = (l: LumberPlan): number => Math.max(...l.sticks.map((s) => s.length));
const px = (l: LumberPlan, mm: number): number => (mm * (size.value.width - 40)) / longest(l);
const title = (l: LumberPlan): string =>
    `${render(l.name, project.unit)}, ${show(l.thickness, project.unit)} × ${show(l.width, project.unit)}`;
const buys = (l: LumberPlan): string => l.buy.map((b) => `${b.count} × ${b.name}${b.in_hand ? say(' in hand') : ''}`).join(', ');
const same = (s: StickPlan): string => JSON.stringify([s.name, s.pieces.map((p) => [p.at, p.length])]);
</script>

<template>
    <div ref="box" class="lumber">
        <section v-for="(l, i) in project.plan?.lumber ?? []" :key="i">
            <h4>{{ title(l) }}</h4>
            <p class="soft">
                {{ buys(l) }}{{ l.cost_cents ? ` = ${(l.cost_cents / 100).toFixed(2)}` : '' }}.
                {{ l.status === 'optimal' ? 'Proved: no plan needs less.' : 'Not proved that this is the least.' }} Kerf
                {{ show(l.kerf, project.unit) }}, {{ show(l.end_trim, project.unit) }} off each end to square it.
            </p>
            <p v-if="l.unplaced.length" class="bad">{{ l.unplaced.length }} longer than every stick: put a longer length on the list.</p>
            <figure v-for="(s, n) in l.sticks" :key="n">
                <figcaption>
                    <b>{{ s.name }}</b>
                    <span v-if="n > 0 && same(s) === same(l.sticks[n - 1]!)" class="soft">as the one above</span>
                    <span class="soft">
                        {{ s.left > 0 ? `left over ${show(s.left, project.unit)} · ` : '' }}sight along it: out of straight by no more than
                        {{ show(s.most_bow, project.unit) }}
                    </span>
                </figcaption>
                <svg :width="px(l, s.length) + 2" height="46" role="group" :aria-label="`${s.name}, ${s.pieces.length} parts`">
                    <rect x="1" y="1" :width="px(l, s.length)" height="26" class="stick" />
                    <g
                        v-for="p in s.pieces"
                        :key="p.part"
                        class="part"
                        :class="{ picked: p.part === picked }"
                        role="button"
                        tabindex="0"
                        :aria-label="`${p.label} ${show(p.length, project.unit)}`"
                        @click="picked = p.part"
                        @keydown.enter="picked = p.part"
                    >
                        <rect :x="1 + px(l, p.at)" y="1" :width="px(l, p.length)" height="26" />
                        <text :x="1 + px(l, p.at + p.length / 2)" y="18" text-anchor="middle">
                            <tspan class="mark">{{ p.label }}</tspan>
                            <tspan v-if="px(l, p.length) > 90" dx="5">{{ show(p.length, project.unit) }}</tspan>
                        </text>
                        <text :x="1 + px(l, p.at + p.length)" y="42" text-anchor="end" class="tiny">
                            {{ show(p.at + p.length, project.unit) }}
                        </text>
                    </g>
                </svg>
            </figure>
        </section>
    </div>
</template>

<style scoped>
.lumber {
    flex: 1;
    overflow: auto;
    padding: 6px 16px 16px;
    border-top: 1px solid var(--rule);
}
h4 {
    margin: 14px 0 2px;
}
p {
    margin: 2px 0 6px;
    font-size: 13px;
}
figure {
    margin: 6px 0 0;
}
figcaption {
    display: flex;
    gap: 10px;
    font-size: 12.5px;
}
text {
    font-size: 11.5px;
    fill: var(--ink);
}
.tiny {
    font-size: 10.5px;
    fill: var(--soft);
}
.mark {
    font-weight: 700;
}
.stick {
    fill: var(--back-fill);
    stroke: var(--soft);
}
.part {
    cursor: pointer;
}
.part rect {
    fill: var(--board-fill);
    stroke: var(--ink);
}
.part.picked rect {
    fill: var(--chalk-wash);
    stroke: var(--chalk);
    stroke-width: 2;
}
.bad {
    color: var(--brick);
}
</style>
