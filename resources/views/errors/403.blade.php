@include('errors.page', [
    'code' => '403',
    'title' => 'Not for your role',
    'text' => $exception->getMessage() === '' || $exception->getMessage() === 'This action is unauthorized.'
        ? 'Somebody else in the shop does this. Ask the owner if it should be you.'
        : $exception->getMessage()
    ])
