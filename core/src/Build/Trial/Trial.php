<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Trial;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** One check of an assembly or of the piece in its place. */
final readonly class Trial
{
    /**
     * @param  list<TrialPoint>  $points
     * @param  list<string>  $steps  in which it is made
     * @param  Length  $width  of the assembly, and its height
     * @param  bool  $left  the edge it is about is the left one
     * @param  bool  $caulked  a gap of that edge is caulked anyway
     */
    public function __construct(
        public string $id,
        public TrialKind $kind,
        public string $piece,
        public Text $name,
        public array $points,
        public array $steps,
        public Length $width,
        public Length $height,
        public bool $left = false,
        public bool $caulked = false,
    ) {
    }

    /** @param  array<string, Length>  $read */
    public function with(array $read): self
    {
        $points = array_map(fn (TrialPoint $p): TrialPoint => new TrialPoint($p->key, $p->name, $p->expected, $read[$p->key] ?? null), $this->points);

        return new self($this->id, $this->kind, $this->piece, $this->name, $points, $this->steps, $this->width, $this->height, $this->left, $this->caulked);
    }

    /** @return list<TrialPoint> */
    public function read(): array
    {
        return array_values(array_filter($this->points, fn (TrialPoint $p): bool => $p->value !== null));
    }

    /** @return list<TrialPoint> those read that are off by more than the limit */
    public function off(): array
    {
        return array_values(array_filter($this->read(), fn (TrialPoint $p): bool => $p->off()->absolute()->isGreaterThan($this->kind->limit())));
    }
}
