<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Part;
use Incastro\Core\Document\Model\LaidPart;
use Incastro\Core\Document\Model\Layout;
use Incastro\Core\Document\Model\Project;

/** What lies where on sheets, by the id it is laid by: every part of a project, its halves, and what sheets were begun with. */
final readonly class LaidParts
{
    /** @param  array<string, LaidPart>  $all  by id */
    private function __construct(private array $all)
    {
    }

    /** @param  list<Part>  $parts */
    public static function of(Project $project, array $parts): self
    {
        $all = [];
        foreach ($parts as $part) {
            $id = $part->panel->id;
            $all += [$id => LaidPart::whole($id)];
            foreach ([LaidPart::half($id, 1), LaidPart::half($id, 2)] as $half) {
                $all += [$half->id => $half];
            }
        }
        foreach ($project->layouts as $layout) {
            $all += self::ofLayout($layout);
        }
        foreach ($project->log->begun as $begun) {
            $all += array_column(array_map(fn (array $p): array => [$p['part']->id, $p['part']], $begun->parts), 1, 0);
            $all += $begun->rest === null ? [] : self::ofLayout($begun->rest);
        }

        return new self($all);
    }

    /** The part that lies there, whole or by half. */
    public function part(string $id): string
    {
        return $this->all[$id]->part ?? $id;
    }

    /** Which half; null for a whole part. */
    public function half(string $id): ?int
    {
        return $this->all[$id]->half ?? null;
    }

    /** @return array<string, LaidPart> */
    private static function ofLayout(Layout $layout): array
    {
        $parts = array_merge(...array_column($layout->sheets, 'parts'), ...[[]]);

        return array_column(array_map(fn (array $p): array => [$p['part']->id, $p['part']], $parts), 1, 0);
    }
}
