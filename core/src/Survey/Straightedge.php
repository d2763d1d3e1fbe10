<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;

/** Which straightedge a gap was read behind: laid at another height or face it is another one. The unknowns go by its name. */
final readonly class Straightedge
{
    private function __construct(public string $name, public Face $face, public bool $isLevelled)
    {
    }

    /** @param  int|null  $height  units of 25 nm, for one laid along a wall */
    public static function of(Reading $r, ?int $height): self
    {
        return new self(($height === null ? $r->edge : "$r->edge $height").' '.$r->on()->value.($r->levelled ? ' levelled' : ''), $r->on(), $r->levelled);
    }
}
