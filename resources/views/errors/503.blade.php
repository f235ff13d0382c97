@include('errors.page', [
    'code' => '503',
    'title' => 'Back in a moment',
    'text' => $text ?? 'North Ledger is being looked after. Nothing you keyed is lost: it waits in this browser.'
    ])
