import type { NotificationData } from '@mantine/notifications';

/** Tells something in the corner of the page. What draws it is fetched when it is first needed: no first page does. */
export const notify = async (told: NotificationData): Promise<void> => {
  (await import('@mantine/notifications')).notifications.show(told);
};

/** Takes back what was told under an id. */
export const unnotify = async (id: string): Promise<void> => {
  (await import('@mantine/notifications')).notifications.hide(id);
};
