<!doctype html>
<html lang="en" data-light="paper">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>{{ config('app.shop') }}</title>
    <link rel="icon" href="data:,">
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="certificate offer">
        <div class="head"><h1>{{ config('app.shop') }}</h1></div>
        <p class="note" role="status">{{ $words }}</p>
    </main>
</body>
</html>
