<?php

declare(strict_types=1);

namespace Incastro\Core;

use Incastro\Core\Measure\Unit;

/** Everything that follows from a document: sections that write themselves, described in schema/plan.schema.json. */
final readonly class Plan implements \JsonSerializable
{
    /** @param  array<string, mixed>  $sections  by name, in the order they are written */
    public function __construct(public Unit $unit, private array $sections)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['format' => 'incastro-plan', 'version' => 1, 'unit' => $this->unit->value, ...$this->sections];
    }

    /** @throws \JsonException never for a plan made by the planner */
    public function toJson(): string
    {
        return json_encode($this, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
