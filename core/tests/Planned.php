<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Incastro\Core\Planner;

/** A plan as decoded JSON, with short ways to ask it. */
final readonly class Planned
{
    /** @param  array<string, mixed>  $plan */
    private function __construct(public array $plan)
    {
    }

    /** @param  array<string, mixed>  $document */
    public static function of(array $document): self
    {
        return new self(json_decode(Planner::plan($document)->toJson(), true, 64, JSON_THROW_ON_ERROR));
    }

    /** @return array<string, mixed> */
    public function piece(): array
    {
        return $this->plan['pieces'][Sample::PIECE];
    }

    /** @return array<string, mixed> */
    public function part(string $name, int $nth = 0): array
    {
        return array_values(array_filter($this->plan['parts'], fn (array $p): bool => $p['name']['key'] === "part.$name"))[$nth];
    }

    /** @return array{int|float, int|float} cut length and width */
    public function cut(string $name, int $nth = 0): array
    {
        $part = $this->part($name, $nth);

        return [$part['cut']['length']['mm'], $part['cut']['width']['mm']];
    }

    /** @return list<string> */
    public function codes(): array
    {
        return array_column($this->plan['findings'], 'code');
    }

    /** @return array<string, mixed> */
    public function finding(string $code): array
    {
        $at = array_search($code, $this->codes(), true);

        return $at === false ? throw new \LogicException("Nothing says $code.") : $this->plan['findings'][$at];
    }

    /**
     * @param  array<string, mixed>  $figure
     * @return list<string> one line a term: "− 12 fit.set_off_filler_left"
     */
    public static function trail(array $figure): array
    {
        $signs = ['start' => '', 'plus' => '+ ', 'minus' => '− ', 'times' => '× ', 'over' => '÷ ', 'equals' => '= '];

        return array_map(fn (array $l): string => $signs[$l['op']].($l['mm'] ?? $l['count']).' '.$l['why']['key'], $figure['trail']);
    }
}
