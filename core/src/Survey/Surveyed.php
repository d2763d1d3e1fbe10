<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Space;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Measure\Length;

/** What follows from the readings of a space and the heights it is asked at, whatever is to stand there. */
final readonly class Surveyed
{
    /**
     * @param  array<string, array<string, list<WallPoint>>>  $walls  by side, by plane, one a station
     * @param  array<string, Length>  $floor  by side
     * @param  array<string, Length>  $ceiling  what is overhead at the front, by side; empty where unknown
     * @param  array<string, Length>  $depth  by side; empty where unknown
     * @param  array<string, array{mm: float, standardised: float}>  $residuals  by reading, the worst of its takes
     * @param  array<string, float>  $redundancy  by reading, the least of its takes
     * @param  array<string, Expected>  $expected  by reading: what all others say it will
     * @param  non-empty-list<Weighed>  $weighed  the clear width first
     * @param  list<Finding>  $findings
     */
    public function __construct(
        public Sizes $sizes,
        public Shape $shape,
        public array $walls,
        public array $floor,
        public array $ceiling,
        public array $depth,
        public array $residuals,
        public array $redundancy,
        public array $expected,
        public array $weighed,
        public array $findings,
    ) {
    }

    /** @return list<string> what is not known well enough for a need */
    public function open(Need $need, Space $space): array
    {
        return array_map(fn (Weighed $w): string => $w->name,
            array_values(array_filter($this->weighed, fn (Weighed $w): bool => ! $w->isSettled($need->asks($w->name, $space)))));
    }

    /** @param  Advised|null  $advised  on what is open; null where all is known well enough */
    public function room(Space $space, Need $need, ?Advised $advised): Room
    {
        $known = array_map(fn (Weighed $w): Known => $w->known($need->asks($w->name, $space)), $this->weighed);

        return new Room($space, $this->sizes, $this->shape, new Overhead($space, $this->shape),
            $this->walls, $this->floor, $this->ceiling, $this->depth, $this->residuals, $this->redundancy, $this->expected,
            new Doubt(Clip::nearest($known[0]->doubt), $this->weighed[0]->stated, $known, $advised->next ?? []), $this->findings);
    }
}
