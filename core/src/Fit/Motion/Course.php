<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Motion;

use Incastro\Core\Geometry\View;

/** What moves as it is seen, and which way it goes; see Mover. */
final readonly class Course
{
    /**
     * @param  non-empty-list<non-empty-list<array{float, float}>>  $shapes
     * @param  array{float, float}  $span
     * @param  array{float, float}  $pivot
     */
    public function __construct(public View $view, public array $shapes, public array $span, public array $pivot, public float $wants)
    {
    }
}
