<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, reactive, ref, watch } from 'vue';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useSize } from '../../ui/size';
import { type Colours, SolidScene } from './solid';
import ViewTabs from '../../ui/ViewTabs.vue';
import { say } from '../../measure/say';

/** The piece in its room as a solid: turned with the pointer, opened, drawn apart, cut away to look inside. */
defineProps<{ views: { key: string; label: string }[] }>();
const emit = defineEmits<{ view: [key: string] }>();

const project = useProject();
const picked = usePicked();
const board = ref<HTMLElement | null>(null);
const canvas = ref<HTMLCanvasElement | null>(null);
const size = useSize(board, { width: 800, height: 600 });
const looks = reactive({ open: 0, apart: 0, cut: 0 });
const sliders = [
    { key: 'open' as const, label: say('Open doors and drawers') },
    { key: 'apart' as const, label: say('Draw apart') },
    { key: 'cut' as const, label: say('Cut away from the front') },
];
const trouble = ref('');
let scene = null as SolidScene | null;

const pieceId = computed(() => project.piece?.[0] ?? '');
const solids = computed(() => project.plan?.solids[pieceId.value]);

function colours(): Colours {
    const style = getComputedStyle(document.documentElement);
    const of = (name: string): string => style.getPropertyValue(name).trim();
    return {
        board: of('--board-fill'),
        front: of('--wood'),
        hidden: of('--filler-fill'),
        wall: of('--wall'),
        edge: of('--ink'),
        picked: of('--chalk'),
        ground: of('--sheet'),
    };
}
function lay(afresh: boolean): void {
    if (!scene || !solids.value) return;
    scene.lay(solids.value, afresh);
    scene.look(looks);
    scene.pick(picked.value);
}
onMounted(() => {
    try {
        scene = new SolidScene(canvas.value!, colours());
    } catch {
        trouble.value = say('This browser shows no solids here; the drawings beside it show the same piece.');
        return;
    }
    scene.resize(size.value.width, size.value.height);
    lay(true);
});
onBeforeUnmount(() => scene?.dispose());
watch(size, (now) => scene?.resize(now.width, now.height));
watch(pieceId, () => lay(true));
watch(solids, () => lay(false));
watch(looks, () => scene?.look(looks));
watch(picked, (now) => scene?.pick(now));

let pressed = null as { x: number; y: number } | null;
function up(e: PointerEvent): void {
    const moved = pressed ? Math.hypot(e.clientX - pressed.x, e.clientY - pressed.y) : 99;
    const box = canvas.value!.getBoundingClientRect();
    if (moved < 4) picked.value = scene?.partAt((e.clientX - box.left) / box.width, (e.clientY - box.top) / box.height) ?? null;
}
</script>

<template>
    <main ref="board" class="board solid">
        <slot />
        <canvas
            ref="canvas"
            :style="{ width: `${size.width}px`, height: `${size.height}px` }"
            role="img"
            :aria-label="`solid of ${project.piece?.[1].name ?? 'the piece'}: ${solids?.parts.length ?? 0} boards`"
            @pointerdown="(e) => (pressed = { x: e.clientX, y: e.clientY })"
            @pointerup="up"
        ></canvas>
        <p v-if="trouble" class="trouble">{{ trouble }}</p>
        <div class="sliders">
            <label v-for="s in sliders" :key="s.key">
                {{ s.label }}
                <input v-model.number="looks[s.key]" type="range" min="0" max="1" step="0.02" />
            </label>
        </div>
        <div class="title-block">
            <div><small>view</small>Solid, turned by dragging</div>
            <ViewTabs :views="views" view="solid" @view="(v: string) => emit('view', v)" />
        </div>
    </main>
</template>

<style scoped>
canvas {
    display: block;
    touch-action: none;
}
.trouble {
    position: absolute;
    inset: 40% 20px auto;
    text-align: center;
}
.sliders {
    position: absolute;
    left: 14px;
    bottom: 12px;
    display: flex;
    flex-wrap: wrap;
    gap: 14px;
    font-size: 12.5px;
    background: var(--sheet);
    padding: 4px 8px;
}
.sliders label {
    display: grid;
    gap: 2px;
}
.sliders input {
    width: 150px;
    accent-color: var(--chalk);
}
</style>
