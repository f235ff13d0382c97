<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="">
    <title>{{ __('door.no_network') }} · North Ledger</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body>
    <main class="login">
        <h1>{{ __('door.no_network') }}</h1>
        <p class="my-4">{{ __('door.no_network_why') }}</p>
        <p class="my-4"><a class="button" href="">{{ __('door.try_again') }}</a></p>
        <ul class="kept-pages" data-kept-pages></ul>
    </main>
</body>
</html>
