<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;

/** A reading's place written as a document holds it. */
final class ReadingWriter
{
    /** @return array<string, mixed> */
    public static function shape(Reading $r): array
    {
        return array_filter([
            'kind' => $r->kind->value,
            'side' => $r->side?->value,
            'plane' => $r->plane === Plane::Back ? $r->plane->value : null,
            'rise' => $r->rise?->value,
            'face' => $r->face?->value,
            'along' => $r->along?->value,
            'x' => $r->x,
            'y' => $r->y,
            'z' => $r->z->isZero() && ! in_array('z', $r->kind->needs(), true) ? null : $r->z,
            'from_z' => in_array('from_z', $r->kind->needs(), true) ? $r->fromZ : null,
            'run' => $r->run,
            'along_back' => $r->alongBack,
            'along_side' => $r->alongSide,
            'edge' => $r->edge,
            'step' => $r->step,
            'levelled' => $r->levelled ?: null,
        ], fn (mixed $v): bool => $v !== null);
    }
}
