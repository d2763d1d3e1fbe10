<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

enum Verdict: string
{
    case Goes = 'goes';
    /** Once something is taken off, apart, or left out. */
    case GoesIf = 'goes_if';
    /** Nobody has read the way there. */
    case NotKnown = 'not_known';
    /** Nothing was found at the step searched; that proves nothing. */
    case NotFound = 'not_found';
    /** A limit that no other way of moving it gets round. */
    case Cannot = 'cannot';

    public function isWorseThan(self $other): bool
    {
        $order = [self::Goes->value => 0, self::GoesIf->value => 1, self::NotKnown->value => 2,
            self::NotFound->value => 3, self::Cannot->value => 4];

        return $order[$this->value] > $order[$other->value];
    }
}
