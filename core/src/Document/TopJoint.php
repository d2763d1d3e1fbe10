<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** Whether the top sits between the sides or caps them. */
enum TopJoint: string
{
    case Between = 'between';
    case Capping = 'capping';
}
