<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/**
 * Readings that could be wrong by so much that it matters, and nobody would see it: nothing else that was read checks them. How far others check
 * a reading is told by the usual wall, never by what was learned: a slip passes for a wavier wall there.
 */
final readonly class Slips
{
    /** A slip of the tape: an inch is 25, a digit 10. */
    private const SLIP_MM = 9.0;

    /** δ₀: seen in 995 of 1 000 by a test that is wrong in one of a hundred (Baarda). */
    private const SEEN = 5.15;

    /** A target hangs on a reading where an error of 1 in it makes so much. */
    private const HANGS = 0.15;

    private const MOVED_MM = 1.0;

    /** @var list<Observation> */
    private array $observations;

    private Posterior $usual;

    /** @var array<string, int> takes by reading */
    private array $takes;

    /** @param  float  $depth  mm, what an angle is read over */
    public function __construct(private Sifted $sifted, private float $depth)
    {
        $this->observations = $sifted->whole->usual->observations;
        $this->usual = $sifted->whole->usual->likeliest();
        $this->takes = array_count_values(array_map(fn (Observation $o): string => $o->reading, $this->observations));
    }

    /**
     * @param  array<int, float>  $mean  the room as learned, mm
     * @return list<string> ids of the readings that a target hangs on and that could hide a slip, the one that could hide most first
     */
    public function hiddenIn(Target $target, array $mean): array
    {
        $found = [];
        $hanging = $this->hanging($target, $mean);
        foreach ($this->usual->hidden(self::SEEN) as $i => $hidden) {
            $o = $this->observations[$i];
            $mm = $o instanceof Bearing ? deg2rad($hidden) * $this->depth : $hidden;
            if ($this->isLone($o->reading) && $mm > self::SLIP_MM && $hanging[$i] >= self::HANGS) {
                $found[$o->reading] = max($found[$o->reading] ?? 0.0, $mm * $hanging[$i]);
            }
        }
        arsort($found);

        return array_values(array_diff(array_map(strval(...), array_keys($found)), $this->sifted->suspect));
    }

    /**
     * @param  array<int, float>  $mean  the room as learned, mm
     * @return list<string> ids of the readings that a target would hang on and that are likely a slip
     */
    public function suspectIn(Target $target, array $mean): array
    {
        $hanging = array_filter($this->hanging($target, $mean), fn (float $share): bool => $share >= self::HANGS);
        $readings = array_map(fn (int $i): string => $this->observations[$i]->reading, array_keys($hanging));
        // What is set aside makes no difference any more: it hangs on it if it would.
        $aside = $this->isMovedBySlips($target) ? array_map(fn (Observation $o): string => $o->reading, $this->sifted->aside) : [];

        return array_values(array_intersect($this->sifted->suspect, [...$readings, ...$aside]));
    }

    private function isMovedBySlips(Target $target): bool
    {
        return $this->sifted->aside !== []
            && abs($target->value($this->sifted->whole->learned->mean()) - $target->value($this->sifted->kept->learned->mean())) > self::MOVED_MM;
    }

    /**
     * How much of an error in each observation would be one in the target, were nothing set aside.
     *
     * @param  array<int, float>  $mean
     * @return array<int, float> by observation, mm a mm
     */
    private function hanging(Target $target, array $mean): array
    {
        $leverage = $this->usual->leverage($target->active($mean));

        return array_map(fn (Observation $o, float $l): float => abs($l) * ($o instanceof Bearing ? rad2deg(1.0) / $this->depth : 1.0),
            $this->observations, $leverage);
    }

    /** A second take is all that can be asked: where it says the same, a slip was made twice. */
    private function isLone(string $reading): bool
    {
        return $reading !== '' && $this->takes[$reading] === 1;
    }
}
