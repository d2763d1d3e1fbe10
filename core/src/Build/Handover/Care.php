<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Handover;

use Incastro\Core\Measure\Text;

/** Something that is looked after from time to time. The months are our own figures. */
final readonly class Care
{
    public function __construct(public string $key, public Text $text, public int $months)
    {
    }

    /** The day it is due: so many months after it was last done, or after the work was handed over; null before that. */
    public function due(?string $since): ?string
    {
        return $since === null ? null : (new \DateTimeImmutable($since, new \DateTimeZone('UTC')))->modify("+$this->months months")->format('Y-m-d');
    }
}
