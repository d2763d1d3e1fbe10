<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Tools that cut sheets. The order is that of preference: the handiest that can make a cut makes it. */
enum SawKind: string
{
    case Mitre = 'mitre';
    case Table = 'table';
    case Guided = 'guided';
    case Shop = 'shop';
}
