<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads\Way;

/** Where a body is held by another, or by the house: a face, or a fastener. mm. */
final readonly class Bond
{
    /**
     * @param  string|null  $by  null for the house
     * @param  non-empty-list<array{float, float, float}>  $points  that share what passes there
     * @param  array{float, float, float}  $ways  how stiffly it holds along x, y and z: 1, or 0 where it holds nothing
     */
    public function __construct(public string $body, public ?string $by, public array $points, public BondKind $kind, public array $ways = [1.0, 1.0, 1.0])
    {
    }
}
