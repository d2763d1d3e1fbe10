<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Whether the bottom sits between the sides or the sides stand on it. */
enum BottomJoint: string
{
    case Between = 'between';
    case Under = 'under';
}
