<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Lumber;

use Incastro\Core\Cut\Part;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\StickSize;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Unit;

/** The parts that are bought by length, by section, on the sticks they are cut from. */
final readonly class Timber
{
    public function __construct(private Project $project)
    {
    }

    /**
     * @param  list<Part>  $parts
     * @return list<Sticks>
     */
    public function laid(array $parts): array
    {
        $sections = [];
        foreach ($parts as $part) {
            if ($part->panel->boughtAs?->isByLength() === true) {
                [$thickness, $width] = self::section($part->panel);
                $sections["$thickness->units $width->units"][] = $part;
            }
        }
        $laid = [];
        foreach ($sections as $own) {
            [$thickness, $width] = self::section($own[0]->panel);
            $sticks = $this->sticks($thickness, $width);
            if ($sticks !== []) {
                $lumber = new Lumber($own[0]->panel->name->key, $sticks, $this->project->workshop->kerf->units, $this->project->workshop->endTrim->units);
                $laid[] = new Sticks($thickness, $width, $own,
                    $lumber->lay(array_column(array_map(fn (Part $p): array => [$p->panel->id, $p->length->value->units], $own), 1, 0)));
            }
        }

        return $laid;
    }

    /** @return array{Length, Length} */
    private static function section(Panel $panel): array
    {
        $thickness = $panel->block->size->{$panel->inHouse($panel->thin)->value};

        return [$thickness, $panel->width->value];
    }

    /** @return list<Stick> */
    private function sticks(Length $thickness, Length $width): array
    {
        $sizes = array_filter($this->project->lumber, fn (StickSize $s): bool => $s->isFor($thickness, $width));
        $trim = 2 * $this->project->workshop->endTrim->units;
        $sticks = array_map(fn (StickSize $s): Stick => new Stick($s->id, $s->name, $s->length->units, $s->priceCents, $s->limit, $s->inHand,
            array_map(fn (array $d): array => [$d[0]->units, $d[1]->units], $s->defects)), array_values($sizes));
        $usual = array_filter($sizes, fn (StickSize $s): bool => ! $s->inHand) === [] ? self::usual($this->project->unit) : [];

        return array_values(array_filter([...$sticks, ...$usual], fn (Stick $s): bool => $s->clear(intdiv($trim, 2)) !== []));
    }

    /** @return list<Stick> what is sold everywhere */
    private static function usual(Unit $unit): array
    {
        $of = fn (string $name, float $mm): Stick => new Stick("usual $name", $name, Length::fromMillimetres($mm)->units);

        return $unit === Unit::Millimetre ? [$of('2.4 m', 2400), $of('3.6 m', 3600)] : [$of('8 ft', 2438.4), $of('12 ft', 3657.6)];
    }
}
