<?php

declare(strict_types=1);

/**
 * Prints core/src/Document/Fields/document.php: the places of a document and what stands at each, as its schema gives them, for the core to ask.
 * `npm run types` keeps it. A place is a word for what stands there, or a list: `of` by key, `each` of a collection, `ref` to a definition.
 */
$schema = json_decode((string) file_get_contents(__DIR__.'/../../schema/document.schema.json'), true, 512, JSON_THROW_ON_ERROR);

/** @param  array<string, mixed>  $node */
$place = function (array $node) use (&$place): array|string {
    foreach ($node['anyOf'] ?? $node['oneOf'] ?? [] as $one) {
        // Where one thing or another may stand, what has places of its own says more.
        if (isset($one['$ref']) || isset($one['properties']) || is_array($one['additionalProperties'] ?? null)) {
            return $place($one);
        }
    }
    $first = ($node['anyOf'] ?? $node['oneOf'] ?? [$node])[0];
    $of = isset($node['properties']) ? ['of' => array_map($place, $node['properties'])] : [];
    $each = is_array($node['additionalProperties'] ?? null) ? ['each' => $place($node['additionalProperties'])] : [];

    return match (true) {
        isset($node['$ref']) => ['ref' => basename($node['$ref'])],
        $of + $each !== [] => $of + $each + (($node['additionalProperties'] ?? null) === true ? ['kinds' => true] : []),
        isset($node['items']) => ['list' => $place($node['items'])],
        isset($first['x-unit']) => 'number in '.$first['x-unit'],
        isset($first['enum']) => 'choice',
        default => ['integer' => 'count', 'number' => 'number', 'boolean' => 'flag'][$first['type'] ?? ''] ?? 'text',
    };
};

$write = function (mixed $value, int $depth) use (&$write): string {
    if (! is_array($value)) {
        return var_export($value, true);
    }
    $rows = [];
    foreach ($value as $key => $item) {
        $rows[] = var_export($key, true).' => '.$write($item, $depth + 1);
    }
    $line = '['.implode(', ', $rows).']';
    $indent = str_repeat('    ', $depth);

    return strlen($line) + 4 * $depth < 120 && ! str_contains($line, "\n") ? $line : "[\n$indent    ".implode(",\n$indent    ", $rows).",\n$indent]";
};

echo "<?php\n\ndeclare(strict_types=1);\n\n/** Made from schema/document.schema.json by `npm run types`; edit that. */\nreturn ",
$write(['document' => $place($schema), 'definitions' => array_map($place, $schema['definitions'])], 0), ";\n";
