<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Fields\Field;

/** What closes a bay at its front. */
enum DoorKind: string
{
    /** Hinged at a side, one leaf or a pair. */
    case Hinged = 'hinged';
    case Sliding = 'sliding';
    /** Hinged at its head. */
    case Lift = 'lift';
    /** Hinged at its foot. */
    case Drop = 'drop';
    /** A picture in its frame, hinged before a recess. */
    case Picture = 'picture';
    /** Loose, lifted off. */
    case LiftOff = 'lift_off';

    /** @return array<string, Field> */
    public function fields(): array
    {
        $make = ['make' => Field::choice('slab', 'framed'), 'panel' => Field::choice('ply', 'wood', 'glass'),
            'stile' => Field::length(30, 120, 60), 'tenon' => Field::length(5, 25, 10)];
        $hang = ['hang' => Field::choice('inset', 'overlay'), 'gap' => Field::length(1, 6, 2.5), 'overlay' => Field::length(3, 30)];
        // The opening as it stands, where it is not square: width, height, and both diagonals.
        $racked = ['diagonal_up' => Field::length(100, 5_000), 'diagonal_down' => Field::length(100, 5_000), 'racked' => Field::choice('square', 'follow')];
        $catch = ['catch' => Field::choice('handle', 'push_latch')];

        return match ($this) {
            self::Hinged => $hang + ['leaves' => Field::count(1, 2, 1), 'hinge' => Field::choice('left', 'right'), 'opens' => Field::count(80, 180, 110)]
                + $make + $catch + $racked,
            self::Sliding => ['leaves' => Field::count(2, 4, 2), 'overlap' => Field::length(10, 80, 25),
                'groove_upper' => Field::length(6, 30, 12), 'groove_lower' => Field::length(3, 20, 6)] + $make,
            self::Lift, self::Drop => $hang + $make + $catch,
            self::Picture => ['hinge' => Field::choice('left', 'right'),
                'overlay' => Field::length(3, 60, 15), 'catch' => Field::choice('push_latch', 'handle')],
            self::LiftOff => ['hang' => Field::choice('inset', 'overlay'), 'gap' => Field::length(1, 6, 2.5), 'overlay' => Field::length(3, 30)] + $make,
        };
    }
}
