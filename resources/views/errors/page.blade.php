<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · North Ledger</title>
    <link rel="icon" href="data:,">
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="login">
        <h1>{{ $title }}</h1>
        <p class="my-4">{{ $text }}</p>
        <p class="soft num">{{ $code }}</p>
        <p class="mt-4"><a class="button" href="/">To the Bench</a></p>
    </main>
</body>
</html>
