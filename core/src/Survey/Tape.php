<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Workshop;
use Incastro\Core\Measure\Length;

/**
 * The tape that all takes share: what its hook (mm) and its scale (mm a metre) put on each of them. They are taken for as good as its class says, limits a
 * as variances a²/3, and updated by what they were checked against, one observation each (Kalman): the hook by a steel rule, both by a distance meter over
 * a long run. What is further out than all limits together is taken to be as wide open as that.
 */
final readonly class Tape
{
    private const RULE_LIMIT_MM = 0.5;

    /** @var array{hook?: float, scale?: float} by how much it reads too much, mm, where that is more than all limits allow */
    public array $out;

    /** @var array{float, float} of hook, mm, and scale, mm a metre */
    private array $mean;

    /** @var array{float, float, float} variances of hook and scale, and their covariance */
    private array $spread;

    public function __construct(private Workshop $workshop)
    {
        $checks = $this->checks();
        $this->out = array_map(fn (array $c): float => $c[0],
            array_filter($checks, fn (array $c): bool => abs($c[0]) > self::limit($workshop, $c[1]) + $c[2]));
        $scale = isset($this->out['scale'], $checks['scale']) ? abs($this->out['scale']) / $checks['scale'][1] : (float) $workshop->tapePerMetre->millimetres();
        $mean = [0.0, 0.0];
        $spread = [max((float) $workshop->tapeBase->millimetres(), abs($this->out['hook'] ?? 0.0)) ** 2 / 3, $scale ** 2 / 3, 0.0];
        foreach ($checks as $check) {
            [$mean, $spread] = self::updated($mean, $spread, $check);
        }
        [$this->mean, $this->spread] = [$mean, $spread];
    }

    /** Somebody held it against a rule and against a meter. */
    public function isChecked(): bool
    {
        return count($this->checks()) === 2;
    }

    /** By how much it reads too much. A scale that the parts are cut by too is left on: they come out as much shorter. */
    public function over(Length $measured): float
    {
        return $this->mean[0] + ($this->workshop->cutsBySameTape ? 0.0 : $this->mean[1] * self::metres($measured));
    }

    /** What all takes of about so much share, a standard deviation in mm: hook and scale together, as the class adds them, less what the checks took off. */
    public function deviation(Length $measured): float
    {
        $metres = self::metres($measured);
        [$hook, $scale, $both] = $this->spread;
        $class = $this->workshop->tapeBase->millimetres() ** 2 / 3 + $this->workshop->tapePerMetre->millimetres() ** 2 / 3 * $metres ** 2;

        return self::limit($this->workshop, $metres) / sqrt(3.0) * sqrt(($hook + $scale * $metres ** 2 + 2 * $both * $metres) / max($class, 1e-9));
    }

    /** How much of that is its scale, and is gone where the parts are cut by the same tape. */
    public function cancels(Length $measured): float
    {
        return $this->workshop->cutsBySameTape ? min(sqrt($this->spread[1]) * self::metres($measured), $this->deviation($measured)) : 0.0;
    }

    /** @return array{hook?: array{float, float, float}, scale?: array{float, float, float}} too much by, mm, over so many metres, the other's limit, mm */
    private function checks(): array
    {
        $w = $this->workshop;
        $checks = [];
        if ($w->hookOver !== null) {
            $checks['hook'] = [(float) $w->hookOver->millimetres(), 0.0, self::RULE_LIMIT_MM];
        }
        if ($w->checkedOnMeter !== null && $w->checkedOnTape !== null) {
            $checks['scale'] = [(float) $w->checkedOnTape->minus($w->checkedOnMeter)->millimetres(), self::metres($w->checkedOnMeter),
                (float) $w->meterLimit->plus($w->tapeBend)->millimetres()];
        }

        return $checks;
    }

    /**
     * @param  array{float, float}  $mean
     * @param  array{float, float, float}  $spread
     * @param  array{float, float, float}  $check  too much by, mm, over so many metres, the other's limit, mm
     * @return array{array{float, float}, array{float, float, float}}
     */
    private static function updated(array $mean, array $spread, array $check): array
    {
        [$over, $metres, $limit] = $check;
        [$hook, $scale, $both] = $spread;
        [$withHook, $withScale] = [$hook + $both * $metres, $both + $scale * $metres];
        $variance = $withHook + $withScale * $metres + $limit ** 2 / 3;
        [$h, $s] = [$withHook / $variance, $withScale / $variance];
        $off = $over - $mean[0] - $mean[1] * $metres;

        return [[$mean[0] + $h * $off, $mean[1] + $s * $off], [$hook - $h * $withHook, $scale - $s * $withScale, $both - $h * $withScale]];
    }

    private static function limit(Workshop $workshop, float $metres): float
    {
        return $workshop->tapeBase->millimetres() + $workshop->tapePerMetre->millimetres() * ceil($metres);
    }

    private static function metres(Length $length): float
    {
        return (float) $length->absolute()->millimetres() / 1000;
    }
}
