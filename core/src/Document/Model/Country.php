<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Whose usual rules are stated; where nobody says, the stricter of them. */
enum Country: string
{
    case UnitedStates = 'us';
    case UnitedKingdom = 'uk';
    case Europe = 'eu';
    case Other = 'other';
}
