<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Library;

/** What is bought and built around. */
enum BoughtKind: string
{
    case Slides = 'slides';
    case Hinge = 'hinge';
    case Catch_ = 'catch';
    case Strut = 'strut';
    case Castor = 'castor';
    case Mattress = 'mattress';
    case Appliance = 'appliance';
    case Bin = 'bin';
    case Box = 'box';
    case Door = 'door';
}
