<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Document\Model\Workshop;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Memory\Forgetful;
use Incastro\Core\Memory\Memory;
use Incastro\Core\Memory\Stage;

/** Rebuilds a space from its readings, and says how well it is known for what is to stand in it. */
final readonly class Surveyor
{
    public const ROOMS = 1024;

    private Instruments $instruments;

    private Stage $stage;

    public function __construct(private Workshop $workshop, private Unit $unit = Unit::Millimetre, Memory $memory = new Forgetful)
    {
        $this->stage = new Stage($memory);
        $this->instruments = new Instruments($workshop);
    }

    /** @return array<string, Room> by space */
    public function rooms(Project $project): array
    {
        return array_map(fn (Space $space): Room => $this->survey($space, Need::meant($project, $space)), $project->spaces);
    }

    /** A piece that changes within the same heights asks nothing new of the walls: what was worked out of them is remembered. */
    public function survey(Space $space, ?Need $need = null): Room
    {
        $need ??= Need::wholeOf($space);
        $from = [$this->workshop, $this->unit, $space, $need->reach()];
        $adjusted = null;
        $adjust = function () use (&$adjusted, $space, $need): Adjusted {
            return $adjusted ??= $this->adjusted($space, $need->reach());
        };
        $surveyed = $this->stage->made(Surveyed::class, $from, fn (): Surveyed => $adjust()->surveyed());
        $open = $surveyed->open($need, $space);

        return $surveyed->room($space, $need,
            $open === [] ? null : $this->stage->made(Advised::class, [...$from, $open], fn (): Advised => $adjust()->advised($open)));
    }

    /** In how many of so many rooms that would all have given these readings a thing that is known by name is less than so much (mm). */
    public function narrower(Space $space, Need $need, string $name, float $than): int
    {
        return $this->adjusted($space, $need->reach())->narrower($name, $than, self::ROOMS);
    }

    private function adjusted(Space $space, Reach $reach): Adjusted
    {
        $nodes = new Nodes(new Sizes($space), (float) $this->workshop->levelPerMetre->millimetres());
        $observations = (new Equations($nodes, $this->instruments))->of($space);
        $walls = Walls::numbered($nodes);
        $targets = (new Targets($nodes, $reach))->all();
        $candidates = (new Candidates($nodes, $this->instruments, $reach))->of($space);
        $bends = new Bends($nodes);
        $sifted = Sifted::of($nodes, $observations, $targets);

        $slips = new Slips($sifted, (float) $nodes->sizes->depth->millimetres());
        $trust = new Trust($nodes->sizes, $reach, $slips, new Behind($sifted->adjustment->learned), $bends);
        $advisor = new Advisor($candidates, $sifted->adjustment, $trust);

        return new Adjusted($space, $nodes, $walls, $targets, $sifted, $advisor, new Contradictions($this->unit));
    }
}
