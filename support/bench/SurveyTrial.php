<?php

declare(strict_types=1);

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\ReadingWriter;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surveyor;

/** Readings taken from a made-up room and what the surveyor makes of them. */
final class SurveyTrial
{
    private const SPACE = '01J00000000000000000000001';

    private ?Room $surveyed = null;

    /** @param  list<array{array<string, mixed>, float}>  $taken  readings as a document holds them, and what was read */
    private function __construct(private readonly MadeUpRoom $room, private readonly array $taken)
    {
    }

    public static function of(MadeUpRoom $room): self
    {
        return new self($room, [[['kind' => 'depth', 'side' => 'left'], $room->depth]]);
    }

    /** @param  list<array<string, mixed>>  $readings */
    public function with(array $readings): self
    {
        return new self($this->room, [...$this->taken, ...array_map(fn (array $r): array => [$r, $this->room->read($r)], $readings)]);
    }

    /** @return array{self, string} the same with one take wrong, and the id of its reading */
    public function planted(int $which, float $by): array
    {
        $taken = $this->taken;
        $taken[$which + 1][1] += $by;

        return [new self($this->room, $taken), self::id(self::key($taken[$which + 1][0]))];
    }

    /** @return array{float, float} the clear width and its stated doubt, mm */
    public function clearWidth(): array
    {
        return [$this->survey()->doubt->stated, $this->survey()->doubt->known[0]->doubt];
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return $this->survey()->findings;
    }

    public function leastRedundancy(): float
    {
        $checked = array_filter($this->survey()->redundancy, fn (string $id): bool => $id !== self::id(self::key($this->taken[0][0])), ARRAY_FILTER_USE_KEY);

        return min($checked);
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
        $readings = $facts = [];
        foreach ($this->taken as $i => [$reading, $mm]) {
            $readings[self::id(self::key($reading))] = $reading;
            $facts[self::id("T$i")] = ['kind' => 'take', 'reading' => self::id(self::key($reading)), ($reading['kind'] === 'corner_angle' ? 'deg' : 'value') => round($mm, 3), 'typed' => (string) round($mm, 1)];
        }
        $project = ProjectReader::read([
            'format' => 'incastro-project', 'version' => 1, 'id' => self::SPACE, 'name' => 'Trial', 'unit' => 'mm', 'as_of' => '2026-01-01',
            'spaces' => [self::SPACE => ['kind' => 'niche', 'name' => 'Trial', 'order' => 'a', 'readings' => $readings]],
            'pieces' => [], 'methods' => ['front' => 'banded', 'top' => 'between', 'shelves' => 'fixed', 'back' => 'none'], 'stock' => [],
            'workshop' => ['kerf' => 3, 'trim' => 6, 'banding' => 1, 'slide_in' => 6, 'part_tolerance' => 1,
                'tape_base' => 0.3, 'tape_per_metre' => 0.2, 'tape_bend' => 1, 'level_per_metre' => 0.5],
            'layouts' => [], 'facts' => $facts,
        ]);
        $need = new Need(Length::fromMillimetres(MadeUpRoom::LOW), Length::fromMillimetres(MadeUpRoom::HIGH), null, 0.5);

        return (new Surveyor($project->workshop))->survey($project->spaces[self::SPACE], $need);
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
