<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What a piece stands from: a side of its space, the middle, or a stretch beside or before a chimney breast. */
enum StandFrom: string
{
    case Left = 'left';
    case Right = 'right';
    case Middle = 'middle';
    case LeftFlank = 'left_flank';
    case RightFlank = 'right_flank';
    case Breast = 'breast';
}
