<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What stands in the way of a built-in, or must be reached behind it. */
enum ThingKind: string
{
    case Baseboard = 'baseboard';
    case Shoe = 'shoe';
    case WindowTrim = 'window_trim';
    case DoorTrim = 'door_trim';
    case Window = 'window';
    case Sill = 'sill';
    case Door = 'door';
    case Socket = 'socket';
    case DoubleSocket = 'double_socket';
    case Switch_ = 'switch';
    case TwoWaySwitch = 'two_way_switch';
    case WallPlate = 'wall_plate';
    case Vent = 'vent';
    case ReturnGrille = 'return_grille';
    case Pipe = 'pipe';
    case HotPipe = 'hot_pipe';
    case Trap = 'trap';
    case ShutOff = 'shut_off';
    case Cleanout = 'cleanout';
    case Radiator = 'radiator';
    case Wiring = 'wiring';
    case RefrigerantLine = 'refrigerant_line';
    case Meter = 'meter';
    case ElectricalPanel = 'electrical_panel';
    case Light = 'light';
    case Detector = 'detector';
    case Flue = 'flue';
    case Fireplace = 'fireplace';
    case Hearth = 'hearth';
    case Beam = 'beam';
    case Post = 'post';
    case BumpOut = 'bump_out';
    case Appliance = 'appliance';
    case Hose = 'hose';
    case GasPipe = 'gas_pipe';
    case JunctionBox = 'junction_box';
    case Filter = 'filter';
    /** The room a sliding door goes back into, inside the wall. */
    case DoorCavity = 'door_cavity';
    /** Wall that nothing may be fixed to. */
    case NoFix = 'no_fix';
    case Stringer = 'stringer';

    /** It runs along all walls of a room, and is put there in one act. */
    public function goesAround(): bool
    {
        return $this === self::Baseboard || $this === self::Shoe;
    }
}
