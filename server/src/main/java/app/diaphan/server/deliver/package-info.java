/**
 * Deliveries: a queue for each package ({@link app.diaphan.server.deliver.DeliveryService}), what
 * would be written ({@link app.diaphan.server.deliver.PlanService}), and what decided each file, so
 * that nothing is written twice ({@link app.diaphan.server.deliver.MadeFrom}).
 */
package app.diaphan.server.deliver;
