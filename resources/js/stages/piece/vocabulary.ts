import vocabulary from '../../../../schema/vocabulary.json';
import { say } from '../../measure/say';

/** One setting of a fill or a door, as the core names it. */
export interface Setting {
    readonly type: 'length' | 'count' | 'flag' | 'choice';
    readonly usual: number | boolean | string | null;
    readonly least?: number;
    readonly most?: number;
    readonly choices?: readonly string[];
}

interface Kind {
    readonly fields: Readonly<Record<string, Setting>>;
    readonly stands_alone?: boolean;
    readonly own_front?: boolean;
}

export const fills = vocabulary.fills as Readonly<Record<string, Kind>>;
export const doors = vocabulary.doors as Readonly<Record<string, Kind>>;
export const bands = vocabulary.bands as Readonly<Record<string, { bays: boolean; slab: boolean; base: boolean }>>;

/** Fills by what a person is after, so that two dozen can be read. */
export const families: readonly { title: string; kinds: readonly string[] }[] = [
    { title: say('Shelving'), kinds: ['open', 'shelves', 'stored', 'cubbies'] },
    { title: say('Clothes'), kinds: ['hanging', 'hooks'] },
    { title: say('Drawn out'), kinds: ['drawers', 'pull_out', 'pull_out_step', 'tilt_bin', 'caddy'] },
    { title: say('To sit, sleep, work at'), kinds: ['desk', 'fold_table', 'bed', 'seat_back'] },
    { title: say('Room for'), kinds: ['appliance', 'screen', 'bought_box', 'bin_top', 'hidden', 'crawl'] },
    { title: say('On the wall'), kinds: ['panelling', 'backer', 'chase', 'surround'] },
    { title: say('Corner'), kinds: ['dead_corner'] },
];
