<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads\Way;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Body;
use Incastro\Core\Assembly\BodyKind;
use Incastro\Core\Measure\Length;

/**
 * The way of the weight through a project, body to body, to floor and wall: what each bond bears, case by case. What nothing holds is told
 * elsewhere and has no way.
 */
final readonly class Way
{
    /** @var array<string, array{float, float, float}> the middle of each body that is held, mm */
    public array $centres;

    /** @var list<Bond> */
    public array $bonds;

    private Statics $statics;

    /** @param  array<string, Body>  $bodies  that are held and do not move */
    private function __construct(array $bodies, Assembly $assembly)
    {
        $this->centres = array_map(fn (Body $b): array => $b->solid->middle(), $bodies);
        $this->bonds = (new Bonds($assembly, $bodies))->all();
        $this->statics = new Statics($this->centres, $this->bonds);
    }

    public static function through(Assembly $assembly): self
    {
        $loose = array_fill_keys(array_map(fn (Body $b): string => $b->id, $assembly->loose()), true);
        $held = array_filter($assembly->bodies, fn (Body $b): bool => $b->kind === BodyKind::Fixed && ! isset($loose[$b->id]));

        return new self($held, $assembly);
    }

    /**
     * @param  list<Load>  $loads
     * @return list<list<array{float, float, float}>> by bond and its points, N that its body gets there
     */
    public function forces(array $loads): array
    {
        return $this->statics->forces($loads);
    }

    /**
     * What comes to the house, N along x, y and z, by kind of bond.
     *
     * @param  list<list<array{float, float, float}>>  $forces
     * @return array<string, array{float, float, float}> of floor, wall and what bears against it
     */
    public function atTheHouse(array $forces): array
    {
        $sums = [];
        foreach ($this->bonds as $n => $bond) {
            foreach ($bond->by === null ? $forces[$n] : [] as $force) {
                $sum = $sums[$bond->kind->value] ?? [0.0, 0.0, 0.0];
                $sums[$bond->kind->value] = [$sum[0] + $force[0], $sum[1] + $force[1], $sum[2] + $force[2]];
            }
        }

        return $sums;
    }

    public static function mm(Length $length): float
    {
        return $length->units / Length::PER_MM;
    }
}
