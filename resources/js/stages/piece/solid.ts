import * as THREE from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { Moves, Solid, Solids } from '../../api/plan';

/** What a person may do with the solid view, each from 0 to 1. */
export interface Looks {
    open: number;
    apart: number;
    cut: number;
}

/** House (x right, y out of the wall, z up) to the screen's space (x right, y up, z toward the eye): no hand is changed. */
const at = (x: number, y: number, z: number): THREE.Vector3 => new THREE.Vector3(x, z, y);

const fronts = new Set(['door', 'door_part', 'front', 'lid']);
const hidden = new Set(['nailer', 'rung', 'cleat', 'ledger', 'top_rail', 'stud']);

export interface Colours {
    readonly board: string;
    readonly front: string;
    readonly hidden: string;
    readonly wall: string;
    readonly edge: string;
    readonly picked: string;
    readonly ground: string;
}

/** A scene of one piece in its room, drawn whenever something changed. */
export class SolidScene {
    private readonly renderer: THREE.WebGLRenderer;
    private readonly scene = new THREE.Scene();
    private readonly camera = new THREE.PerspectiveCamera(38, 1, 10, 60000);
    private readonly controls: OrbitControls;
    private readonly plane = new THREE.Plane(new THREE.Vector3(0, 0, -1), 1e6);
    private readonly parts: { solid: Solid; node: THREE.Group; mesh: THREE.Mesh; middle: THREE.Vector3 }[] = [];
    private readonly middle = new THREE.Vector3();
    private depth = 1;
    private group = new THREE.Group();

    constructor(
        canvas: HTMLCanvasElement,
        private readonly colours: Colours,
    ) {
        this.renderer = new THREE.WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true });
        this.renderer.localClippingEnabled = true;
        this.scene.background = new THREE.Color(colours.ground);
        this.scene.add(new THREE.HemisphereLight(0xffffff, 0x8a8070, 1.9));
        const sun = new THREE.DirectionalLight(0xffffff, 1.6);
        sun.position.set(-1200, 3200, 4200);
        this.scene.add(sun);
        this.controls = new OrbitControls(this.camera, canvas);
        this.controls.addEventListener('change', () => this.draw());
    }

    resize(width: number, height: number): void {
        this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
        this.renderer.setSize(width, height, false);
        this.camera.aspect = width / Math.max(1, height);
        this.camera.updateProjectionMatrix();
        this.draw();
    }

    /** Lays the piece out anew; the eye stays where it was unless it is to look afresh. */
    lay(solids: Solids, afresh: boolean): void {
        this.scene.remove(this.group);
        this.forget();
        this.group = new THREE.Group();
        this.parts.length = 0;
        for (const face of solids.room) this.group.add(this.face(face.corners));
        for (const solid of solids.parts) this.add(solid);
        this.scene.add(this.group);
        const box = new THREE.Box3();
        for (const p of this.parts) box.expandByObject(p.node);
        if (box.isEmpty()) box.set(at(0, 0, 0), at(1000, 400, 2000));
        box.getCenter(this.middle);
        const size = box.getSize(new THREE.Vector3());
        this.depth = size.z;
        if (afresh) {
            const far = Math.max(size.y * 2, size.x * 1.75, 900);
            // From the side that is open, so that no wall stands between.
            const walls = new Set(solids.room.map((f) => f.surface));
            const side = walls.has('left') && !walls.has('right') ? 1 : -1;
            this.camera.position.set(this.middle.x + side * far * 0.55, this.middle.y + far * 0.32, this.middle.z + far);
            this.controls.target.copy(this.middle);
            this.controls.update();
        }
    }

    look({ open, apart, cut }: Looks): void {
        this.plane.constant = cut > 0 ? this.middle.z + this.depth / 2 - cut * this.depth : 1e6;
        for (const { solid, node, middle } of this.parts) {
            node.position
                .copy(middle)
                .sub(this.middle)
                .multiplyScalar(apart * 0.9);
            node.rotation.set(0, 0, 0);
            const moves = solid.moves;
            if (moves) this.move(node, moves, open);
        }
        this.draw();
    }

    /** As far as the fit says it opens: about an upright edge, about a level one, or straight out. */
    private move(node: THREE.Group, { how, about, pivot, by }: Moves, open: number): void {
        const [u, v] = pivot as [number, number];
        if (how === 'slide') {
            node.position.add(at(u * by * open, v * by * open, 0));
            return;
        }
        const axis = new THREE.Vector3(about === 'x' ? 1 : 0, about === 'x' ? 0 : 1, 0);
        const edge = about === 'x' ? at(0, u, v) : at(u, v, 0);
        const turn = (-by * open * Math.PI) / 180;
        node.setRotationFromAxisAngle(axis, turn);
        node.position.add(edge.clone().sub(edge.applyAxisAngle(axis, turn)));
    }

    pick(part: string | null): void {
        for (const p of this.parts) {
            const material = p.mesh.material as THREE.MeshLambertMaterial;
            material.color.set(p.solid.part === part ? this.colours.picked : this.colourOf(p.solid));
        }
        this.draw();
    }

    /** The part under a point of the canvas, by its share of width and height. */
    partAt(x: number, y: number): string | null {
        const ray = new THREE.Raycaster();
        ray.setFromCamera(new THREE.Vector2(x * 2 - 1, 1 - y * 2), this.camera);
        const hit = ray.intersectObjects(this.parts.map((p) => p.mesh)).find((h) => this.plane.distanceToPoint(h.point) >= 0);
        return this.parts.find((p) => p.mesh === hit?.object)?.solid.part ?? null;
    }

    dispose(): void {
        this.forget();
        this.controls.dispose();
        this.renderer.dispose();
    }

    private forget(): void {
        this.group.traverse((node) => {
            if (node instanceof THREE.Mesh || node instanceof THREE.LineSegments) {
                (node.geometry as THREE.BufferGeometry).dispose();
                (node.material as THREE.Material).dispose();
            }
        });
    }

    private draw(): void {
        this.renderer.render(this.scene, this.camera);
    }

    private colourOf(solid: Solid): string {
        return fronts.has(solid.role) ? this.colours.front : hidden.has(solid.role) ? this.colours.hidden : this.colours.board;
    }

    private add(solid: Solid): void {
        const geometry = geometryOf(solid);
        const glass = solid.role === 'glass';
        const material = new THREE.MeshLambertMaterial({
            color: this.colourOf(solid),
            side: THREE.DoubleSide,
            clippingPlanes: [this.plane],
            ...(glass ? { transparent: true, opacity: 0.3 } : {}),
        });
        const mesh = new THREE.Mesh(geometry, material);
        const edges = new THREE.LineSegments(
            new THREE.EdgesGeometry(geometry, 20),
            new THREE.LineBasicMaterial({ color: this.colours.edge, clippingPlanes: [this.plane] }),
        );
        const node = new THREE.Group();
        node.add(mesh, edges);
        geometry.computeBoundingBox();
        this.parts.push({ solid, node, mesh, middle: geometry.boundingBox!.getCenter(new THREE.Vector3()) });
        this.group.add(node);
    }

    /** A face of the room, seen only from inside it so that it never hides the piece. */
    private face(corners: readonly (readonly number[])[]): THREE.Mesh {
        const p = corners.map(([x, y, z]) => at(x!, y!, z!));
        const geometry = new THREE.BufferGeometry().setFromPoints([p[0]!, p[1]!, p[2]!, p[0]!, p[2]!, p[3]!]);
        geometry.computeVertexNormals();
        return new THREE.Mesh(
            geometry,
            new THREE.MeshLambertMaterial({
                color: this.colours.wall,
                side: THREE.DoubleSide,
                transparent: true,
                opacity: 0.5,
                depthWrite: false,
            }),
        );
    }
}

/** The outline drawn out along its axis, with what goes through it cut from the outline where it lies in its plane. */
export function geometryOf(solid: Solid): THREE.BufferGeometry {
    const shape = new THREE.Shape(solid.outline.map(([a, b]) => new THREE.Vector2(a!, b!)));
    for (const hole of holesOf(solid)) shape.holes.push(hole);
    const long = solid.to - solid.from;
    const geometry = new THREE.ExtrudeGeometry(shape, { depth: long, bevelEnabled: false });
    const place = geometry.getAttribute('position');
    for (let i = 0; i < place.count; i++) {
        const [a, b, c] = [place.getX(i), place.getY(i), solid.from + place.getZ(i)];
        const p = solid.axis === 'x' ? at(c, a, b) : solid.axis === 'y' ? at(a, c, b) : at(a, b, c);
        place.setXYZ(i, p.x, p.y, p.z);
    }
    geometry.computeVertexNormals();
    return geometry;
}

function holesOf(solid: Solid): THREE.Path[] {
    const axes = { x: [1, 2], y: [0, 2], z: [0, 1] }[solid.axis] as [number, number];
    return solid.taken
        .filter((t) => t.kind === 'cut_out' || t.kind === 'round_cut_out')
        .map((t) => {
            const [u, v] = [t.corner[axes[0]]!, t.corner[axes[1]]!];
            const [w, h] = [t.size[axes[0]]!, t.size[axes[1]]!];
            const path = new THREE.Path();
            if (t.kind === 'round_cut_out') path.absellipse(u + w / 2, v + h / 2, w / 2, h / 2, 0, Math.PI * 2, true);
            else
                path.setFromPoints([
                    new THREE.Vector2(u, v),
                    new THREE.Vector2(u, v + h),
                    new THREE.Vector2(u + w, v + h),
                    new THREE.Vector2(u + w, v),
                ]);
            return path;
        });
}
