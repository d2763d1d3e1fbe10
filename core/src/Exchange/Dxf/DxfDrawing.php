<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Dxf;

/** A drawing taken apart: the entities of its model, and those of its blocks by name. */
final class DxfDrawing
{
    /** @var list<Entity> */
    public array $entities = [];

    /** @var array<string, array{base: array{float, float}, entities: list<Entity>}> */
    public array $blocks = [];

    /** @throws DxfNotReadable */
    public static function read(string $text): self
    {
        $drawing = new self;
        $section = $block = '';
        $entity = $holder = null;
        $pairs = Pairs::of($text);
        $seen = 0;
        foreach ($pairs as $i => [$code, $value]) {
            if ($code === 0) {
                [$entity, $section, $block] = match ($value) {
                    'SECTION' => [null, strtoupper($pairs[$i + 1][1] ?? ''), ''],
                    'ENDSEC', 'EOF' => [null, '', ''],
                    'ENDBLK' => [null, $section, ''],
                    default => [new Entity($value), $section, $block],
                };
                if ($entity === null || ! in_array($section, ['ENTITIES', 'BLOCKS'], true)) {
                    continue;
                }
                if (++$seen > Outlines::MOST) {
                    throw DxfNotReadable::tooLarge(Outlines::MOST);
                }
                if ($value === 'VERTEX' && $holder !== null) {
                    $holder->corners[] = $entity;
                } elseif ($section === 'ENTITIES') {
                    $drawing->entities[] = $entity;
                } elseif ($value !== 'BLOCK' && $block !== '') {
                    $drawing->blocks[$block]['entities'][] = $entity;
                }
                $holder = match ($value) {
                    'POLYLINE' => $entity, 'VERTEX' => $holder, default => null
                };
            } elseif ($entity !== null) {
                $entity->values[$code][] = $value;
                if ($entity->kind === 'BLOCK' && $code === 2) {
                    $block = $value;
                    $drawing->blocks[$block] = ['base' => [0.0, 0.0], 'entities' => []];
                } elseif ($entity->kind === 'BLOCK' && $code === 20 && $block !== '') {
                    $drawing->blocks[$block]['base'] = [$entity->number(10), $entity->number(20)];
                }
            }
        }
        if (! str_contains($text, 'ENTITIES')) {
            throw DxfNotReadable::notDxf();
        }

        return $drawing;
    }
}
