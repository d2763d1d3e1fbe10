<!doctype html>
<html lang="{{ $language }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>Incastro</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite('resources/js/main.ts')
@foreach ($scripts as $script)
    <link rel="modulepreload" href="{{ $script }}">
@endforeach
@foreach ($styles as $style)
    <link rel="preload" as="style" crossorigin href="{{ $style }}">
@endforeach
</head>
<body>
@if ($words !== [])
<script type="application/json" id="words">@json($words, JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE)</script>
@endif
<div id="app"></div>
</body>
</html>
