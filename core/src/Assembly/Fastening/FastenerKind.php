<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

/** What is driven, let in or put into two bodies to hold them to each other. */
enum FastenerKind: string
{
    case Screw = 'screw';
    /** Through a back, into the edges it lies on. */
    case BackScrew = 'back_screw';
    case PocketScrew = 'pocket_screw';
    case Dowel = 'dowel';
    /** Thin, through a face; its head is filled. */
    case Nail = 'nail';
    /** Of a shelf. */
    case Pin = 'pin';
    /** A hole for the pin at another height: nothing is in it yet. */
    case SparePin = 'spare_pin';
    /** A cup and the two screws of its plate. */
    case Hinge = 'hinge';
}
