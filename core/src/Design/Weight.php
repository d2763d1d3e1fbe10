<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Material;
use Incastro\Core\Measure\Length;

/**
 * What bodies weigh, kg: worked out here and nowhere else. Of a board before what is cut out of it, which errs to the heavy side;
 * screws, hinges and slides are not counted, nor what stands in it.
 */
final readonly class Weight
{
    /** Softwood, kg/m³ (fieldbook §7), for what is bought by length. */
    public const LUMBER_DENSITY = 480.0;

    /** Float glass, kg/m³. */
    public const GLASS_DENSITY = 2_500.0;

    /** Steel tube 25 × 1.5, kg/m: π · 23.5 · 1.5 mm² · 7 850 kg/m³. */
    private const TUBE_KG_M = 0.869;

    /** Walls and shelves of a ready-made box, kg/m²: particleboard of 16 mm at 650 kg/m³ (our own figure). */
    private const BOX_KG_M2 = 10.4;

    /** It has a shelf in every so much of its height (our own figure), beside top and bottom. */
    private const BOX_SHELF_MM = 350;

    /** @param  array<string, Material>  $stock  by id */
    public function __construct(private array $stock)
    {
    }

    public function of(Panel ...$bodies): float
    {
        return array_sum(array_map($this->body(...), $bodies));
    }

    private function body(Panel $body): float
    {
        return match ($body->boughtAs) {
            null => $body->solid->litres() * ($this->stock[$body->material]->density ?? Material::USUAL_DENSITY) / 1000,
            BoughtAs::Lumber, BoughtAs::Panel => $body->solid->litres() * self::LUMBER_DENSITY / 1000,
            BoughtAs::Glass => $body->solid->litres() * self::GLASS_DENSITY / 1000,
            BoughtAs::Tube => $body->length->value->units / Length::PER_MM / 1000 * self::TUBE_KG_M,
            BoughtAs::Box => self::box($body),
        };
    }

    /** Open in front: two sides, top and bottom, a back, and shelves. */
    private static function box(Panel $body): float
    {
        [$x, $y, $z] = array_map(fn (Length $l): float => $l->units / Length::PER_MM / 1000,
            [$body->block->size->x, $body->block->size->y, $body->block->size->z]);
        [$width, $depth] = $body->turned ? [$y, $x] : [$x, $y];
        $levels = 2 + intdiv($body->block->size->z->units, self::BOX_SHELF_MM * Length::PER_MM);

        return self::BOX_KG_M2 * (2 * $depth * $z + $levels * $width * $depth + $width * $z);
    }
}
