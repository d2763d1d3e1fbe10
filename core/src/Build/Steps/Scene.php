<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

/** Where a step is done, and so what its picture shows. */
enum Scene: string
{
    /** The boards it is about. */
    case Bench = 'bench';

    /** What is together so far, with what comes to it. */
    case Shop = 'shop';

    /** What already stands in the room, with what comes to it. */
    case Room = 'room';

    /** What already stands in the room, with what is only held to it for a while. */
    case Held = 'held';
}
