<?php

declare(strict_types=1);

/** One process, one loop: short requests are answered at once, links stay open and are told what happens. */
final class Server
{
    private const BEAT_S = 15;

    private const MOST_LINKS = 300;

    /** @var array<int, resource> */
    private array $links = [];

    /** @var array<int, array{resource, string}> connections whose request is still coming */
    private array $coming = [];

    private int $beat = 0;

    public function __construct(private readonly string $socket, private readonly Device $device)
    {
    }

    public function run(): void
    {
        @unlink($this->socket);
        $door = stream_socket_server("unix://{$this->socket}", $code, $why) ?: throw new RuntimeException("No socket: $why");
        chmod($this->socket, 0666);
        while (true) {
            $read = [$door, ...array_column($this->coming, 0), ...$this->links];
            $write = $except = null;
            if (@stream_select($read, $write, $except, 1) === false) {
                return;
            }
            foreach ($read as $ready) {
                $ready === $door ? $this->meet($door) : $this->hear($ready);
            }
            if (time() - $this->beat >= self::BEAT_S) {
                $this->beat = time();
                $this->tell('battery', ['percent' => (int) round($this->device->battery)]);
            }
        }
    }

    /** @param  resource  $door */
    private function meet($door): void
    {
        $guest = @stream_socket_accept($door, 0);
        if ($guest !== false) {
            stream_set_blocking($guest, false);
            $this->coming[(int) $guest] = [$guest, ''];
        }
    }

    /** @param  resource  $guest */
    private function hear($guest): void
    {
        $more = fread($guest, 65_536);
        $id = (int) $guest;
        if ($more === false || $more === '') {
            unset($this->links[$id], $this->coming[$id]);
            fclose($guest);

            return;
        }
        if (! isset($this->coming[$id])) {
            return;
        }
        $request = $this->coming[$id][1].$more;
        $this->coming[$id][1] = $request;
        $end = strpos($request, "\r\n\r\n");
        $length = preg_match('/^Content-Length:\s*(\d+)/mi', $request, $m) ? (int) $m[1] : 0;
        if ($end !== false && strlen($request) >= $end + 4 + $length) {
            unset($this->coming[$id]);
            $this->answer($guest, $request, substr($request, $end + 4, $length));
        }
    }

    /** @param  resource  $guest */
    private function answer($guest, string $request, string $body): void
    {
        [$method, $path] = explode(' ', strtok($request, "\r\n") ?: 'GET /');
        $path = (string) parse_url($path, PHP_URL_PATH);
        if ($path === '/meter/link') {
            $this->link($guest);

            return;
        }
        [$type, $answer] = match (true) {
            $path === '/meter/' => ['text/html; charset=utf-8', (string) file_get_contents(__DIR__.'/face.html')],
            $path === '/meter/face.js' => ['text/javascript', (string) file_get_contents(__DIR__.'/face.js')],
            $path === '/meter/places' => ['application/json', self::json(['places' => $this->device->places(), 'battery' => $this->device->battery])],
            $method === 'POST' && $path === '/meter/press' => ['application/json', self::json($this->press($body))],
            $method === 'POST' && $path === '/meter/battery' => ['application/json', self::json($this->recharge($body))],
            default => ['', ''],
        };
        $status = $type === '' ? '404 Not Found' : '200 OK';
        @fwrite($guest, "HTTP/1.1 $status\r\nContent-Type: $type\r\nContent-Length: ".strlen($answer)."\r\nConnection: close\r\n\r\n$answer");
        fclose($guest);
    }

    /** @param  resource  $guest */
    private function link($guest): void
    {
        // A process may hold a thousand: whoever comes after so many is told, and all who are there are served.
        if (count($this->links) >= self::MOST_LINKS) {
            @fwrite($guest, "HTTP/1.1 503 Service Unavailable\r\nContent-Length: 0\r\nConnection: close\r\n\r\n");
            fclose($guest);

            return;
        }
        @fwrite($guest, "HTTP/1.1 200 OK\r\nContent-Type: text/event-stream\r\nCache-Control: no-store\r\nConnection: close\r\n\r\n");
        $this->links[(int) $guest] = $guest;
        @fwrite($guest, self::event('battery', ['percent' => (int) round($this->device->battery)]));
    }

    /** @return array<string, mixed> */
    private function press(string $body): array
    {
        $press = json_decode($body, true);
        $happened = $this->device->press(is_array($press) ? $press : []);
        $this->tell($happened['event'], $happened['data']);
        $this->tell('battery', ['percent' => (int) round($this->device->battery)]);

        return $happened + ['battery' => $this->device->battery];
    }

    /** @return array<string, mixed> */
    private function recharge(string $body): array
    {
        $wanted = json_decode($body, true);
        $this->device->battery = max(0.0, min(100.0, (float) (is_array($wanted) ? $wanted['percent'] ?? 100 : 100)));
        $this->tell('battery', ['percent' => (int) round($this->device->battery)]);

        return ['battery' => $this->device->battery];
    }

    /** @param  array<string, mixed>  $data */
    private function tell(string $event, array $data): void
    {
        foreach ($this->links as $id => $link) {
            if (@fwrite($link, self::event($event, $data)) === false) {
                unset($this->links[$id]);
                @fclose($link);
            }
        }
    }

    /** @param  array<string, mixed>  $data */
    private static function event(string $event, array $data): string
    {
        return "event: $event\ndata: ".self::json($data)."\n\n";
    }

    /** @param  array<string, mixed>  $data */
    private static function json(array $data): string
    {
        return json_encode($data, JSON_THROW_ON_ERROR | JSON_FORCE_OBJECT * (int) ($data === []));
    }
}
