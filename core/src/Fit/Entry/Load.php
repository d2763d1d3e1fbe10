<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Text;

/** One assembly that is carried to its place as a whole: a box with its frame. mm. */
final readonly class Load
{
    /** One person holds it by both ends and sees where it goes (our own figure). */
    private const REACH_MM = 1_400.0;

    /**
     * @param  Block  $place  where it is to stand
     * @param  float  $framesMm  of its depth is face frame, `backMm` back: what may be put on at its place
     * @param  non-empty-list<array{float, float}>  $shape  in section: out from its rear, up from its foot, convex, round it
     */
    public function __construct(
        public string $id,
        public Text $name,
        public Block $place,
        public float $kg,
        public float $widthMm,
        public float $depthMm,
        public float $heightMm,
        public array $shape,
        public float $framesMm = 0.0,
        public float $backMm = 0.0,
    ) {
    }

    public function people(): int
    {
        return self::peopleFor($this->kg, max($this->widthMm, $this->depthMm, $this->heightMm));
    }

    /** The nearest to an ideal lift of 23 kg a person (fieldbook §7); what is longer than a person's reach takes two, however light. */
    public static function peopleFor(float $kg, float $longestMm): int
    {
        return max($longestMm > self::REACH_MM ? 2 : 1, (int) ceil(round($kg / 23, 6)));
    }

    /** The same, of another width and height. */
    public function as(float $widthMm, float $heightMm): self
    {
        return new self($this->id, $this->name, $this->place,
            $this->kg * $widthMm * $heightMm / $this->widthMm / $this->heightMm, $widthMm, $this->depthMm, $heightMm,
            array_map(fn (array $p): array => [$p[0], min($p[1], $heightMm)], $this->shape), $this->framesMm, $this->backMm);
    }

    /** Brought in without its frame or its back. */
    public function without(float $mm): self
    {
        return new self($this->id, $this->name, $this->place, $this->kg, $this->widthMm, $this->depthMm - $mm, $this->heightMm,
            array_map(fn (array $p): array => [max(0.0, min($p[0], $this->depthMm - $mm)), $p[1]], $this->shape), $this->framesMm, $this->backMm);
    }

    /** @return list<array{pose: Pose, length: float, across: float, up: float}> the ways it may be carried: its plan, the longer side first, and its height */
    public function poses(): array
    {
        $poses = [];
        foreach (Pose::cases() as $pose) {
            [$a, $b, $up] = match ($pose) {
                Pose::Upright => [$this->widthMm, $this->depthMm, $this->heightMm],
                Pose::OnItsBack => [$this->widthMm, $this->heightMm, $this->depthMm],
                Pose::OnItsSide => [$this->heightMm, $this->depthMm, $this->widthMm],
            };
            $poses[] = ['pose' => $pose, 'length' => max($a, $b), 'across' => min($a, $b), 'up' => $up];
        }

        return $poses;
    }
}
