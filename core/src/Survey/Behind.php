<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** What a size comes from: how much of each millimetre (or degree) of a reading goes into it, S⁻¹·H·K·c by the likeliest walls. */
final readonly class Behind
{
    /** Less of it is not worth a line. */
    private const COUNTS = 0.05;

    public function __construct(private Learned $learned)
    {
    }

    /**
     * @param  array<int, float>  $mean  the room as learned, mm
     * @return array<string, float> mm for each mm or degree, all takes of a reading together, by reading, what counts most first
     */
    public function of(Target $target, array $mean): array
    {
        $shares = [];
        foreach ($this->learned->likeliest()->leverage($target->active($mean)) as $i => $share) {
            $reading = $this->learned->observations[$i]->reading;
            $shares[$reading] = ($shares[$reading] ?? 0.0) + $share;
        }
        unset($shares['']);
        $counting = array_filter($shares, fn (float $share): bool => abs($share) >= self::COUNTS);
        uasort($counting, fn (float $a, float $b): int => abs($b) <=> abs($a));

        return $counting;
    }
}
