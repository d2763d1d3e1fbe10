<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;

/** Which straightedge a gap was read behind, as the unknowns are named by it: laid at another height or face it is another one. */
final readonly class Straightedge
{
    private function __construct(public Face $face, public bool $isLevelled)
    {
    }

    /** @param  int|null  $height  units of 25 nm, for one laid along a wall */
    public static function named(Reading $r, ?int $height): string
    {
        return ($height === null ? $r->edge : "$r->edge $height").' '.$r->on()->value.($r->levelled ? ' levelled' : '');
    }

    public static function of(string $name): self
    {
        $isLevelled = str_ends_with($name, ' levelled');
        $words = explode(' ', $isLevelled ? substr($name, 0, -strlen(' levelled')) : $name);

        return new self(Face::from($words[count($words) - 1]), $isLevelled);
    }
}
