<?php

declare(strict_types=1);

/** Shapes of a JSON schema's definitions as PHPStan reads them. What refers back to itself is open at that place. */
final readonly class PlanShapes
{
    /** @var array<string, array<string, mixed>> */
    private array $definitions;

    /** @param  array<string, mixed>  $schema */
    public function __construct(private array $schema)
    {
        $this->definitions = $schema['definitions'];
    }

    /** The whole file: one type for each definition, in the order of their names. */
    public function php(): string
    {
        $names = array_keys($this->definitions);
        sort($names);
        $types = array_map(fn (string $name): string => " * @phpstan-type $name ".$this->type($this->definitions[$name], [$name]), $names);
        $types[] = ' * @phpstan-type Plan '.$this->type(['type' => 'object'] + $this->schema, []);

        return "<?php\n\ndeclare(strict_types=1);\n\nnamespace App\\Print;\n\n/**\n * What a plan's JSON holds. Made from schema/plan.schema.json by `npm run types`; edit that.\n *\n"
            .implode("\n", $types)."\n */\nfinal class PlanShapes\n{\n}\n";
    }

    /**
     * @param  array<string, mixed>  $node
     * @param  list<string>  $within  definitions that are being written
     */
    private function type(array $node, array $within): string
    {
        return match (true) {
            isset($node['$ref']) => $this->named(basename($node['$ref']), $within),
            isset($node['const']) => var_export($node['const'], true),
            isset($node['enum']) => implode('|', array_map(fn (mixed $v): string => var_export($v, true), $node['enum'])),
            isset($node['anyOf']) || isset($node['oneOf']) => implode('|', array_unique(array_map(fn (array $n): string => $this->type($n, $within), $node['anyOf'] ?? $node['oneOf']))),
            is_array($node['type'] ?? null) => implode('|', array_map(fn (string $t): string => $this->type(['type' => $t], $within), $node['type'])),
            default => $this->plain($node, $within),
        };
    }

    /**
     * @param  array<string, mixed>  $node
     * @param  list<string>  $within
     */
    private function plain(array $node, array $within): string
    {
        return match ($node['type'] ?? null) {
            'string' => 'string',
            'boolean' => 'bool',
            'integer' => 'int',
            'number' => 'int|float',
            'null' => 'null',
            'array' => $this->list($node, $within),
            'object' => isset($node['properties']) ? $this->shape($node, $within) : 'array<string, '.$this->type((array) ($node['additionalProperties'] ?? []), $within).'>',
            default => 'mixed',
        };
    }

    /** @param  list<string>  $within */
    private function named(string $name, array $within): string
    {
        return $this->reaches($name, $within, []) ? 'mixed' : $name;
    }

    /**
     * Whether a definition comes back to one of those that are being written.
     *
     * @param  list<string>  $within
     * @param  array<string, true>  $seen
     */
    private function reaches(string $name, array $within, array $seen): bool
    {
        if (in_array($name, $within, true)) {
            return true;
        }
        preg_match_all('/"#\\\\?\/definitions\\\\?\/(\w+)"/', json_encode($this->definitions[$name], JSON_THROW_ON_ERROR), $m);
        foreach (array_unique($m[1]) as $next) {
            if (! isset($seen[$next]) && $this->reaches($next, $within, $seen + [$name => true])) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, mixed>  $node
     * @param  list<string>  $within
     */
    private function list(array $node, array $within): string
    {
        $item = $this->type($node['items'], $within);
        $least = $node['minItems'] ?? 0;

        return match (true) {
            $least > 0 && $least === ($node['maxItems'] ?? null) => 'array{'.implode(', ', array_fill(0, $least, $item)).'}',
            $least > 0 => "non-empty-list<$item>",
            default => "list<$item>",
        };
    }

    /**
     * @param  array<string, mixed>  $node
     * @param  list<string>  $within
     */
    private function shape(array $node, array $within): string
    {
        $fields = [];
        foreach ($node['properties'] as $key => $of) {
            $fields[] = $key.(in_array($key, $node['required'] ?? [], true) ? '' : '?').': '.$this->type($of, $within);
        }

        return 'array{'.implode(', ', $fields).'}';
    }
}
