<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Whether a base stands on a floating floor, or the floor is cut away round it. */
enum FloatingSchool: string
{
    case StandsOn = 'stands_on';
    case CutAway = 'cut_away';
}
