<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

/** The holes of a piece's boards, and those that cannot be where they should. */
final readonly class Bored
{
    /**
     * @param  array<string, list<Bore>>  $bores  by part
     * @param  list<Clash>  $clashes
     */
    public function __construct(public array $bores, public array $clashes)
    {
    }

    /** @return list<Bore> of those kinds */
    public function of(BoreKind ...$kinds): array
    {
        $found = [];
        foreach ($this->bores as $bores) {
            foreach ($bores as $bore) {
                if (in_array($bore->kind, $kinds, true)) {
                    $found[] = $bore;
                }
            }
        }

        return $found;
    }

    /** @return list<Bore> */
    public function all(): array
    {
        return array_merge(...array_values($this->bores), ...[[]]);
    }
}
