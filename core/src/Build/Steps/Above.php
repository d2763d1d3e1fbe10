<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Footing;
use Incastro\Core\Fit\Units\Unit;

/** What stands on what: a thing waits neither for what it carries nor for what that carries. */
final class Above
{
    /** @var array<string, array<string, true>> units by the unit they stand on */
    private array $on = [];

    /** @var array<string, Unit> by part */
    private readonly array $units;

    public function __construct(Footing $footing)
    {
        $this->units = $footing->units;
        foreach ($footing->pairs as [$lower, $upper]) {
            $this->on[$this->units[$lower->id]->id][$this->units[$upper->id]->id] = true;
        }
    }

    /**
     * @param  list<string>  $parts
     * @return array<string, true> units that stand on them, and on those, and so on
     */
    public function of(array $parts): array
    {
        $own = [];
        foreach (array_intersect_key($this->units, array_flip($parts)) as $unit) {
            $own[$unit->id] = true;
        }
        $found = [];
        $open = array_keys($own);
        while ($open !== []) {
            foreach (array_diff_key($this->on[(string) array_pop($open)] ?? [], $found, $own) as $unit => $yes) {
                $found[$unit] = $yes;
                $open[] = $unit;
            }
        }

        return $found;
    }
}
