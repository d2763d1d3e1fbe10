<?php

declare(strict_types=1);

namespace Incastro\Bench\Survey;

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Known;
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\ReadingWriter;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surveyor;

/** Readings taken from a made-up room, what the surveyor makes of them, and what it asks for next. */
final class Trial
{
    public const SPACE = '01J00000000000000000000001';

    private ?Room $surveyed = null;

    private bool $hasAsked = false;

    /** @param  list<array{array<string, mixed>, float, array<string, float>}>  $taken  readings as a document holds them, what was read, and where that was found */
    private function __construct(private readonly TrueRoom $room, private readonly array $taken, private readonly float $enough)
    {
    }

    /** @param  float  $enough  what the piece's edges take up of the clear width's doubt, mm */
    public static function of(TrueRoom $room, float $enough): self
    {
        return (new self($room, [], $enough))->with([['kind' => 'depth', 'side' => 'left']]);
    }

    /** As the advice goes, from one width on, until it says enough, has nothing more to ask, or so many readings are taken. */
    public static function followed(TrueRoom $room, float $enough, int $most = 40): self
    {
        return self::of($room, $enough)->with([['kind' => 'width', 'plane' => 'front', 'z' => TrueRoom::LOW]])->followedOn($most);
    }

    /** From here on, as the advice goes. */
    public function followedOn(int $most): self
    {
        $trial = $this;
        while (! $trial->isEnough() && $trial->acts() < $most && ($next = $trial->advised()) !== null) {
            $trial = $trial->with([$next]);
            $trial->hasAsked = $trial->hasAsked || $trial->known()->suspect !== [];
        }

        return $trial;
    }

    /** Some reading on the way was taken for a slip. */
    public function hasAsked(): bool
    {
        return $this->hasAsked || $this->findings() !== [];
    }

    public function acts(): int
    {
        return count($this->taken);
    }

    public function isEnough(): bool
    {
        return $this->survey()->doubt->isSettled('clear_width');
    }

    /** @param  list<array<string, mixed>>  $readings */
    public function with(array $readings): self
    {
        $more = new self($this->room, [...$this->taken, ...array_map($this->read(...), $readings)], $this->enough);
        $more->hasAsked = $this->hasAsked;

        return $more;
    }

    /**
     * @param  array<string, mixed>  $reading
     * @return array{array<string, mixed>, float, array<string, float>}
     */
    private function read(array $reading): array
    {
        if ($reading['kind'] !== 'slid_edge' && $reading['kind'] !== 'narrowest') {
            return [$reading, $this->room->read($reading), []];
        }
        [$mm, $y, $z] = $reading['kind'] === 'narrowest' ? $this->room->narrowest() : $this->room->slid($reading['face'], isset($reading['step']));

        return [$reading, $mm, ['y' => round($y), 'z' => round($z)]];
    }

    /** @return array{self, string} the same with one take wrong, and the id of its reading */
    public function planted(int $which, float $by): array
    {
        $taken = $this->taken;
        $taken[$which][1] += $by;

        return [new self($this->room, $taken, $this->enough), self::id(self::key($taken[$which][0]))];
    }

    /** @return array{float, float} the clear width and its stated doubt, mm */
    public function clearWidth(): array
    {
        return [$this->survey()->doubt->stated, $this->survey()->doubt->known[0]->doubt];
    }

    /** What is known of the clear width. */
    public function known(): Known
    {
        return $this->survey()->doubt->known[0];
    }

    /** @return array{float, array<string, float>} what was read last, and where it was found */
    public function last(): array
    {
        $last = $this->taken[count($this->taken) - 1];

        return [$last[1], $last[2]];
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return $this->survey()->findings;
    }

    /** @return array<string, mixed>|null */
    public function advised(): ?array
    {
        foreach ($this->survey()->doubt->next as $advice) {
            if ($advice->helps === 'clear_width') {
                $shape = json_decode((string) json_encode(ReadingWriter::shape($advice->reading)), true);

                return $shape + ($shape['kind'] === 'width' ? ['plane' => 'front'] : []);
            }
        }

        return null;
    }

    private function survey(): Room
    {
        return $this->surveyed ??= $this->surveyedAnew();
    }

    private function surveyedAnew(): Room
    {
        $project = ProjectReader::read($this->document());
        $need = new Need(Length::fromMillimetres(TrueRoom::LOW), Length::fromMillimetres(TrueRoom::HIGH), null, $this->enough);

        return (new Surveyor($project->workshop))->survey($project->spaces[self::SPACE], $need);
    }

    /** @return array<string, mixed> a project of this one room, as read so far */
    public function document(): array
    {
        $readings = $facts = [];
        foreach ($this->taken as $i => [$reading, $mm, $found]) {
            $readings[self::id(self::key($reading))] = $reading;
            $facts[self::id("T$i")] = ['kind' => 'take', 'reading' => self::id(self::key($reading)), ($reading['kind'] === 'corner_angle' ? 'deg' : 'value') => round($mm, 3), 'typed' => (string) round($mm, 1)] + $found;
        }

        return [
            'format' => 'incastro-project', 'version' => 1, 'id' => self::SPACE, 'name' => 'Trial', 'unit' => 'mm', 'as_of' => '2026-01-01',
            'spaces' => [self::SPACE => ['kind' => 'niche', 'name' => 'Trial', 'order' => 'a', 'readings' => $readings]],
            'pieces' => [], 'methods' => ['front' => 'banded', 'top' => 'between', 'shelves' => 'fixed', 'back' => 'none'], 'stock' => [],
            'workshop' => ['kerf' => 3, 'trim' => 6, 'banding' => 1, 'slide_in' => 6, 'part_tolerance' => 1,
                'tape_base' => 0.3, 'tape_per_metre' => 0.2, 'tape_bend' => 1, 'level_per_metre' => 0.5],
            'layouts' => [], 'facts' => $facts,
        ];
    }

    /** @param  array<string, mixed>  $reading */
    private static function key(array $reading): string
    {
        return (string) json_encode(array_map(fn (mixed $v): mixed => is_float($v) ? round($v, 3) : $v, $reading + ['plane' => 'front']));
    }

    private static function id(string $key): string
    {
        return '01J'.strtr(strtoupper(substr(md5($key), 0, 23)), ['I' => '1', 'L' => '1', 'O' => '0', 'U' => 'V']);
    }
}
